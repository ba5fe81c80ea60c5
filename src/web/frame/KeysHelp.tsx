import { Box, Flex, Kbd } from '@chakra-ui/react';
import { PlainDialog } from '../ui/PlainDialog';

export interface KeyHelp {
  keys: string;
  does: string;
}

interface KeysHelpProps {
  open: boolean;
  keys: readonly KeyHelp[];
  hasThread: boolean;
  onClose(): void;
}

/** The keys of the present screen. */
export function KeysHelp({ open, keys, hasThread, onClose }: KeysHelpProps) {
  const all: KeyHelp[] = [
    ...keys,
    ...(hasThread ? [{ keys: '1 2 3 4', does: 'to a stop of the thread (when not typing)' }] : []),
    { keys: '/', does: 'the shelf: tables and calculators; in a field Ctrl /' },
    { keys: 'Ctrl K', does: 'go anywhere' },
    { keys: '?', does: 'this list' },
  ];
  return (
    <PlainDialog title="Keys of this screen" size="sm" open={open} onClose={onClose}>
      {all.map((one) => (
        <Flex key={one.keys} py="1.5" gap="4" borderBottomWidth="1px" borderColor="rule" align="baseline">
          <Box minW="8.5rem">
            <Kbd bg="tawnyWash" color="ink">
              {one.keys}
            </Kbd>
          </Box>
          <Box>{one.does}</Box>
        </Flex>
      ))}
    </PlainDialog>
  );
}

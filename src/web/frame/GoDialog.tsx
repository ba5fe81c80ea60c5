import { Box, chakra, Dialog, Portal } from '@chakra-ui/react';
import { Command } from 'cmdk';
import { format } from 'date-fns';
import { useNavigate } from 'react-router';
import type { PracticalSummary } from '../../contract/practicals';
import { usePracticals, useRooms, useRuns } from '../api/queries';

const Input = chakra(Command.Input);
const List = chakra(Command.List);
const Item = chakra(Command.Item);

const fortnight = 14 * 24 * 3_600_000;
const today = () => new Date().setHours(0, 0, 0, 0);

/** Type a few letters, press Enter, be there. */
export function GoDialog({ open, onClose }: { open: boolean; onClose(): void }) {
  return (
    <Dialog.Root open={open} onOpenChange={(details) => !details.open && onClose()} lazyMount unmountOnExit>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="raised" mt="12vh">
            <Dialog.Title srOnly>Go anywhere</Dialog.Title>
            <Places onClose={onClose} />
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

/** Whether a practical shares its title with another: then only its history tells it apart. */
const sameName = ({ id, title }: PracticalSummary, all: readonly PracticalSummary[]) =>
  all.some((one) => one.id !== id && one.title.trim().toLowerCase() === title.trim().toLowerCase());

function Places({ onClose }: { onClose(): void }) {
  const navigate = useNavigate();
  const { data: practicals = [] } = usePracticals();
  const { data: rooms = [] } = useRooms();
  const { data: runs = [] } = useRuns(today() - fortnight, today() + 2 * fortnight);
  const places = [
    { to: '/', words: 'Today' },
    { to: '/week', words: 'The week by its bells' },
    { to: '/school', words: 'The school: hours, bells, lists, rooms' },
    { to: '/library', words: 'Library: all practicals' },
    { to: '/paste', words: 'Paste a recipe' },
    ...rooms.map(({ id, name }) => ({ to: `/rooms/${id}`, words: `Room: ${name}` })),
    ...runs.map((run) => ({
      to: `/runs/${run.id}/${run.status === 'finished' ? 'results' : 'bench'}`,
      words: `${run.title} · ${run.className} · ${format(run.startsAt, 'EEE d MMM HH:mm')}`,
    })),
    ...practicals.map((practical) => ({
      to: `/practicals/${practical.id}/plan`,
      words: `Plan: ${practical.title}${sameName(practical, practicals) ? ` · revision ${practical.revision}, kept ${format(practical.savedAt, 'd MMM HH:mm:ss')}` : ''}`,
    })),
  ];
  return (
    <Command label="Go anywhere">
      <Input
        autoFocus
        placeholder="Where to? A practical, a class, a day …"
        w="100%"
        px="5"
        py="4"
        fontSize="lg"
        bg="transparent"
        borderBottomWidth="1px"
        borderColor="rule"
        _focusVisible={{ outline: 'none' }}
      />
      <List maxH="50vh" overflowY="auto" p="2">
        <Command.Empty>
          <Box p="3" color="soft">
            Nothing of that name.
          </Box>
        </Command.Empty>
        {places.map(({ to, words }) => (
          <Item
            key={to}
            value={`${words} ${to}`}
            onSelect={() => {
              onClose();
              void navigate(to);
            }}
            px="3"
            py="2.5"
            borderRadius="6px"
            cursor="pointer"
            css={{ '&[data-selected=true]': { bg: 'tawnyWash', color: 'tawnyDeep' } }}
          >
            {words}
          </Item>
        ))}
      </List>
    </Command>
  );
}

import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { routes } from '../../contract/routes';
import type { Who } from '../../contract/who';
import { WordButton } from '../ui/Button';
import { PlainDialog } from '../ui/PlainDialog';
import { OtherPassphraseDialog } from './OtherPassphrase';
import { TeachersDialog } from './Teachers';
import { useDoor } from './use-who';

interface WhoMenuProps {
  teacher: NonNullable<Who['teacher']>;
  onClose(): void;
}

/** Who is signed in, and what they can do about it. */
export function WhoMenu({ teacher, onClose }: WhoMenuProps) {
  const out = useDoor(routes.signOut);
  const [open, setOpen] = useState<'passphrase' | 'teachers' | null>(null);
  const { name, admin } = teacher;
  // What another teacher may not see is not left on the page.
  const leave = () => void out.mutateAsync({}).then(() => window.location.assign('/'));
  return (
    <>
      <PlainDialog title={name} size="xs" onClose={onClose}>
        <Flex direction="column" align="flex-start" gap="3">
          {admin && <Box color="soft">You administer.</Box>}
          <WordButton onClick={() => setOpen('passphrase')}>Change my passphrase</WordButton>
          {admin && <WordButton onClick={() => setOpen('teachers')}>Teachers of this school</WordButton>}
          <WordButton onClick={leave}>Sign out</WordButton>
        </Flex>
      </PlainDialog>
      {open === 'passphrase' && <OtherPassphraseDialog onClose={onClose} />}
      {open === 'teachers' && <TeachersDialog onClose={onClose} />}
    </>
  );
}

import { Box, Popover, Portal } from '@chakra-ui/react';
import { UserRound } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { routes } from '../../contract/routes';
import { IconButton, WordButton } from '../ui/Button';
import { useDoor, useWho } from './use-who';

const OtherPassphrase = lazy(() =>
  import('./OtherPassphrase').then((dialog) => ({ default: dialog.OtherPassphraseDialog })),
);
const TeachersDialog = lazy(() =>
  import('./Teachers').then((dialog) => ({ default: dialog.TeachersDialog })),
);

/** Who is signed in, and what they can do about it. */
export function WhoMenu() {
  const { data: who } = useWho();
  const out = useDoor(routes.signOut);
  const [open, setOpen] = useState<'passphrase' | 'teachers' | null>(null);
  const [asked, setAsked] = useState(false);
  if (!who?.teacher || who.open) return null;
  const { name, admin } = who.teacher;
  const close = () => setOpen(null);
  const show = (what: 'passphrase' | 'teachers') => {
    setAsked(false);
    setOpen(what);
  };
  // What another teacher may not see is not left on the page.
  const leave = () => void out.mutateAsync({}).then(() => window.location.assign('/'));
  return (
    <>
      <Popover.Root open={asked} onOpenChange={(details) => setAsked(details.open)}>
        <Popover.Trigger asChild>
          <IconButton aria-label={`${name}: signed in`} title={name} css={{ minW: '36px', minH: '44px' }}>
            <UserRound size={18} />
          </IconButton>
        </Popover.Trigger>
        <Portal>
          <Popover.Positioner>
            <Popover.Content bg="raised" w="auto" aria-label="You">
              <Popover.Body display="flex" flexDirection="column" alignItems="flex-start" gap="3">
                <Box color="soft" fontSize="sm">
                  {name}
                  {admin && ' · administers'}
                </Box>
                <WordButton onClick={() => show('passphrase')}>Change my passphrase</WordButton>
                {admin && <WordButton onClick={() => show('teachers')}>Teachers of this school</WordButton>}
                <WordButton onClick={leave}>Sign out</WordButton>
              </Popover.Body>
            </Popover.Content>
          </Popover.Positioner>
        </Portal>
      </Popover.Root>
      <Suspense fallback={null}>
        {open === 'passphrase' && <OtherPassphrase onClose={close} />}
        {open === 'teachers' && <TeachersDialog onClose={close} />}
      </Suspense>
    </>
  );
}

import { Dialog, Portal } from '@chakra-ui/react';
import { SignIn } from './SignIn';

/** Over a page whose session ended: it stays as it is, with what was typed into it. */
export function SignInAgain() {
  return (
    <Dialog.Root open role="alertdialog">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="raised" p="6" aria-label="Sign in again">
            <SignIn title="Sign in again">
              Your page is still here as you left it, with what you typed.
            </SignIn>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

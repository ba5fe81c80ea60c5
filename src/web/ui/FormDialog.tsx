import { chakra, Dialog, Flex, Portal } from '@chakra-ui/react';
import type { FormEvent, ReactNode } from 'react';
import { sayError } from '../api/request';
import { MainButton, QuietButton } from './Button';
import { Notice } from './Notice';

interface FormDialogProps {
  title: string;
  /** What the button says that keeps it. */
  keep: string;
  /** Why it could not be kept. */
  failed: unknown;
  onSave(event: FormEvent): Promise<unknown>;
  onClose(): void;
  children: ReactNode;
}

/** A form over the page: its fields, why it could not be kept, and the two ways out. */
export function FormDialog({ title, keep, failed, onSave, onClose, children }: FormDialogProps) {
  return (
    <Dialog.Root open onOpenChange={(details) => !details.open && onClose()}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="raised">
            <chakra.form noValidate onSubmit={(event) => void onSave(event).catch(() => undefined)}>
              <Dialog.Header>
                <Dialog.Title fontFamily="heading">{title}</Dialog.Title>
              </Dialog.Header>
              <Dialog.Body display="grid" gap="3">
                {children}
                {failed !== null && (
                  <Notice kind="stop">{sayError(failed)} Nothing you typed is lost.</Notice>
                )}
              </Dialog.Body>
              <Dialog.Footer>
                <Flex gap="3">
                  <QuietButton type="button" onClick={onClose}>
                    Leave it
                  </QuietButton>
                  <MainButton type="submit">{keep}</MainButton>
                </Flex>
              </Dialog.Footer>
            </chakra.form>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

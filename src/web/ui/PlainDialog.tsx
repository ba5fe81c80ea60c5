import { Dialog, Portal } from '@chakra-ui/react';
import type { ReactNode } from 'react';

interface PlainDialogProps {
  title: string;
  open?: boolean;
  size?: 'xs' | 'sm' | 'md' | 'xl';
  /** Ways on, at its foot. */
  foot?: ReactNode;
  onClose(): void;
  children: ReactNode;
}

/** Something to read or choose from over the page; Escape and a touch beside it close it. */
export function PlainDialog({ title, open = true, size = 'md', foot, onClose, children }: PlainDialogProps) {
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(details) => !details.open && onClose()}
      size={size}
      scrollBehavior="inside"
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="raised">
            <Dialog.Header>
              <Dialog.Title fontFamily="heading">{title}</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb={foot ? '2' : '6'}>{children}</Dialog.Body>
            {foot && <Dialog.Footer>{foot}</Dialog.Footer>}
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

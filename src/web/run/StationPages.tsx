import { Box, Dialog, Flex, Portal } from '@chakra-ui/react';
import { QRCodeSVG } from 'qrcode.react';

interface StationPagesProps {
  runId: string;
  stations: readonly number[];
  open: boolean;
  onClose(): void;
}

/** Addresses of the stations’ pages, to be held before a tablet’s camera. */
export function StationPages({ runId, stations, open, onClose }: StationPagesProps) {
  const address = (station: number) => `${window.location.origin}/runs/${runId}/station/${station}`;
  const local = ['localhost', '127.0.0.1'].includes(window.location.hostname);
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(details) => !details.open && onClose()}
      size="xl"
      scrollBehavior="inside"
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="raised">
            <Dialog.Header>
              <Dialog.Title fontFamily="heading">A page for each station</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb="6">
              {local && (
                <Box mb="4" color="soft">
                  This server answers on this machine only. To reach it from tablets, start it with
                  TAWNY_HOST=0.0.0.0 and open the board under the machine’s address in the school network.
                </Box>
              )}
              <Flex wrap="wrap" gap="5">
                {stations.map((station) => (
                  <Box key={station} textAlign="center">
                    <Box bg="#fff" p="2" borderRadius="6px">
                      <QRCodeSVG value={address(station)} size={108} aria-hidden />
                    </Box>
                    <Box asChild fontWeight="bold" color="tawnyDeep" textDecoration="underline">
                      <a href={`/runs/${runId}/station/${station}`}>Station {station}</a>
                    </Box>
                  </Box>
                ))}
              </Flex>
            </Dialog.Body>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { format } from 'date-fns';
import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import { routes, stationAddress } from '../../contract/routes';
import type { Run } from '../../contract/runs';
import type { Pass, StationsIn } from '../../contract/who';
import { request, sayError } from '../api/request';

import { QuietButton, WordButton } from '../ui/Button';
import { Notice, Waiting } from '../ui/Notice';
import { PlainDialog } from '../ui/PlainDialog';
import { stationsInKey, useStationsIn } from './use-stations-in';

interface StationPagesProps {
  run: Run;
  open: boolean;
  onClose(): void;
}

/** The way in for each station’s tablet, to be held before its camera or typed; and who is in. */
export function StationPages({ run, open, onClose }: StationPagesProps) {
  const client = useQueryClient();
  const { data, error } = useStationsIn(run.id, 3000, open);
  const change = useMutation({
    mutationFn: (path: string) => request<StationsIn>(path, { body: {} }),
    onSuccess: (now) => client.setQueryData(stationsInKey(run.id), now),
  });
  return (
    <PlainDialog
      title="A page for each station"
      size="xl"
      open={open}
      foot={
        <>
          {data?.open === false && (
            <QuietButton css={{ mr: 'auto' }} onClick={() => change.mutate(routes.stationCodes(run.id))}>
              {data.codes.length === 0 ? 'Let the stations in again' : 'New codes'}
            </QuietButton>
          )}
          <QuietButton onClick={onClose}>Done</QuietButton>
        </>
      }
      onClose={onClose}
    >
      {!data ? (
        <Waiting error={error} />
      ) : (
        <>
          <HowToJoin data={data} finished={run.status === 'finished'} />
          {change.error && <Notice kind="stop">{sayError(change.error)}</Notice>}
          <Labels run={run} data={data} />
          {!data.open && (
            <WhoIsIn passes={data.passes} onEnd={(pass) => change.mutate(routes.passClose(run.id, pass))} />
          )}
        </>
      )}
    </PlainDialog>
  );
}

/** Where tablets go, or why none can. */
function HowToJoin({ data, finished }: { data: StationsIn; finished: boolean }) {
  const [address] = data.addresses;
  const words = data.open
    ? 'This program answers on this machine only, and nobody need sign in. To reach it from tablets, start it with “npm run demo -- --lan”; each station then has a code.'
    : finished && data.codes.length === 0
      ? 'The lesson is over, and its tablets are in no longer. What was measured later, when it is cold, is written on the results page; or let the stations in again with new codes.'
      : address
        ? `Tablets: hold the code before the camera, or open ${address}/join and type it. A code is good until the run is finished.`
        : 'This program answers on this machine only. To reach it from tablets, start it with --lan.';
  return (
    <Box mb="4" color="soft">
      {words}
    </Box>
  );
}

/** A code for each station; where the program is open, the address of its page. */
function Labels({ run, data: { codes, addresses, open } }: { run: Run; data: StationsIn }) {
  const origin = addresses[0] ?? window.location.origin;
  const codeOf = new Map(codes.map(({ station, code }) => [station, code]));
  if (!open && codes.length === 0) return null;
  return (
    <Flex wrap="wrap" gap="5" mb="5">
      {run.stations.map((station) => {
        const code = codeOf.get(station);
        const page = stationAddress(run.id, station);
        return (
          <Box key={station} textAlign="center">
            <Box bg="#fff" p="2" borderRadius="6px">
              <QRCodeSVG
                value={open || !code ? origin + page : `${origin}/join#${code}`}
                size={108}
                aria-hidden
              />
            </Box>
            <Box asChild fontWeight="bold" color="tawnyDeep" textDecoration="underline">
              <a href={page}>Station {station}</a>
            </Box>
            {!open && code && (
              <Box fontWeight="bold" fontSize="lg" letterSpacing="0.06em">
                {code.slice(0, 3)} {code.slice(3)}
              </Box>
            )}
          </Box>
        );
      })}
    </Flex>
  );
}

/** The tablets that are in, each with a way to close it. */
function WhoIsIn({ passes, onEnd }: { passes: readonly Pass[]; onEnd(pass: string): void }) {
  const [asked, setAsked] = useState<string | null>(null);
  return (
    <Box mb="5" role="group" aria-label="Who is in">
      <Box fontWeight="semibold" mb="1">
        {passes.length === 0
          ? 'No tablet is in yet.'
          : `${passes.length} ${passes.length === 1 ? 'tablet is' : 'tablets are'} in`}
      </Box>
      {passes.map(({ id, station, device, joinedAt, seenAt, here }) => (
        <Flex key={id} gap="3" py="1" borderTopWidth="1px" borderColor="rule" align="baseline" wrap="wrap">
          <Box fontWeight="bold" w="5.5rem">
            Station {station}
          </Box>
          <Box flex="1" minW="10rem">
            {device}
            <Box as="span" color="soft">
              {' '}
              · since {format(joinedAt, 'HH:mm')}
            </Box>
          </Box>
          <Box color={here ? 'moss' : 'amberInk'} fontWeight="medium">
            {here ? 'watching' : `last seen ${format(seenAt, 'HH:mm')}`}
          </Box>
          {asked === id ? (
            <>
              <WordButton onClick={() => onEnd(id)}>yes, close it</WordButton>
              <WordButton onClick={() => setAsked(null)}>no</WordButton>
            </>
          ) : (
            <WordButton aria-label={`Close the tablet at station ${station}`} onClick={() => setAsked(id)}>
              close
            </WordButton>
          )}
        </Flex>
      ))}
    </Box>
  );
}

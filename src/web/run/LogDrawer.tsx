import { Box, Drawer, Flex, Portal } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { useState } from 'react';
import type { LoggedEntry } from '../../contract/entries';
import { routes } from '../../contract/routes';
import { recordedInWords, type Entry } from '../../core/run';
import { logPages } from '../api/log-pages';
import { QuietButton } from '../ui/Button';
import { Waiting } from '../ui/Notice';

interface LogDrawerProps {
  runId: string;
  open: boolean;
  onClose(): void;
}

const most = 300;

/** The notebook as it was written, newest first: nothing is gone, corrections stand beside what they correct. */
export function LogDrawer({ runId, open, onClose }: LogDrawerProps) {
  const [probes, setProbes] = useState(false);
  const { data, error } = useQuery({
    queryKey: ['log', runId],
    queryFn: async () => {
      const all: LoggedEntry[] = [];
      for await (const page of logPages(routes.log(runId))) all.push(...page);
      return all;
    },
    enabled: open,
    staleTime: 0,
  });
  const byId = new Map(data?.map((entry) => [entry.id, entry]));
  const corrected = new Set(
    data?.flatMap((entry) => (entry.body.kind === 'correction' ? [entry.body.corrects] : [])),
  );
  const shown = data
    ?.filter((entry) => probes || entry.body.kind !== 'reading' || entry.body.source === 'typed')
    .reverse()
    .slice(0, most);
  return (
    <Drawer.Root open={open} onOpenChange={(details) => !details.open && onClose()} size="md">
      <Portal>
        <Drawer.Backdrop />
        <Drawer.Positioner>
          <Drawer.Content bg="raised">
            <Drawer.Header>
              <Drawer.Title fontFamily="heading">The log</Drawer.Title>
            </Drawer.Header>
            <Drawer.Body>
              <Flex gap="2" mb="3">
                <QuietButton aria-pressed={!probes} onClick={() => setProbes(false)}>
                  written by hand
                </QuietButton>
                <QuietButton aria-pressed={probes} onClick={() => setProbes(true)}>
                  with the probes
                </QuietButton>
              </Flex>
              {!shown && <Waiting error={error} />}
              {shown?.map((entry) => (
                <Flex
                  key={entry.id}
                  gap="3"
                  py="1.5"
                  borderBottomWidth="1px"
                  borderColor="rule"
                  fontSize="sm"
                  align="baseline"
                >
                  <Box color="soft" flexShrink={0}>
                    {format(entry.at, 'HH:mm:ss')}
                  </Box>
                  <Box fontWeight="bold" w="1.8rem" flexShrink={0}>
                    {entry.station ?? 'all'}
                  </Box>
                  <Box textDecoration={corrected.has(entry.id) ? 'line-through' : undefined}>
                    {entryWords(entry, byId)}
                  </Box>
                  {entry.by && (
                    <Box color="soft" ml="auto" flexShrink={0}>
                      {entry.by}
                    </Box>
                  )}
                </Flex>
              ))}
              {shown?.length === 0 && <Box color="soft">Nothing written yet.</Box>}
              {shown?.length === most && (
                <Box color="soft" mt="2" fontSize="sm">
                  The last {most}. The whole log is on the report page, as CSV.
                </Box>
              )}
            </Drawer.Body>
          </Drawer.Content>
        </Drawer.Positioner>
      </Portal>
    </Drawer.Root>
  );
}

function entryWords({ body }: Entry, byId: ReadonlyMap<string, Entry>): string {
  if (body.kind !== 'correction') return recordedInWords(body);
  const was = byId.get(body.corrects)?.body;
  const before = was && was.kind !== 'correction' ? recordedInWords(was) : 'an earlier entry';
  return body.to ? `corrects “${before}” to ${recordedInWords(body.to)}` : `strikes out “${before}”`;
}

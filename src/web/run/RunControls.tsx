import { Box, Flex } from '@chakra-ui/react';
import { ListOrdered, PackageX, QrCode } from 'lucide-react';
import { useState } from 'react';
import { routes } from '../../contract/routes';
import { speeds, type Run, type RunNow } from '../../contract/runs';
import { formatClock } from '../../core/format';
import { request, sayError } from '../api/request';
import { useStationsIn } from './use-stations-in';
import { IconButton, QuietButton } from '../ui/Button';

interface RunControlsProps {
  run: Run;
  now: number;
  unit: 'C' | 'F';
  connected: boolean;
  onUnit(unit: 'C' | 'F'): void;
  onRun(run: RunNow): void;
  onLog(): void;
  onPages(): void;
  onShort(): void;
}

/** Clock, unit, speed of a simulated run, the log, the stations’ pages, and the end. */
export function RunControls(props: RunControlsProps) {
  const { run, now, unit, connected, onUnit, onRun, onLog, onPages, onShort } = props;
  const [error, setError] = useState<string | null>(null);
  const post = (path: string, body: object = {}) =>
    request<RunNow>(path, { body }).then(
      (answer) => {
        setError(null);
        onRun(answer);
      },
      (reason: unknown) => setError(sayError(reason)),
    );
  return (
    <Flex align="center" columnGap="3" rowGap="1" wrap="wrap" minH="40px">
      <Box fontWeight="bold" fontSize="lg" minW="4.2rem" title="Since the start of the run">
        {formatClock((now - (run.startedAt ?? now)) / 1000)}
      </Box>
      {run.probes === 'simulated' && run.status === 'running' && (
        <Speeds
          speed={run.clock?.speed ?? 1}
          onSpeed={(speed) => void post(routes.runClock(run.id), { speed })}
        />
      )}
      <Flex role="group" aria-label="Unit of temperature" gap="1">
        {(['C', 'F'] as const).map((one) => (
          <QuietButton
            key={one}
            aria-pressed={unit === one}
            onClick={() => onUnit(one)}
            css={{ minH: '32px', px: '2.5' }}
          >
            °{one}
          </QuietButton>
        ))}
      </Flex>
      {!connected && (
        <Box role="status" color="amberInk" fontWeight="semibold" fontSize="sm">
          no connection: what you log is saved here
        </Box>
      )}
      {error && (
        <Box role="alert" color="ember" fontSize="sm">
          {error}
        </Box>
      )}
      <Flex ml="auto" gap="1" align="center">
        <IconButton aria-label="The log" title="The log" onClick={onLog} css={{ minW: '36px', minH: '36px' }}>
          <ListOrdered size={18} />
        </IconButton>
        {run.status === 'running' && (
          <IconButton
            aria-label="Something is short or missing"
            title="Something is short or missing"
            onClick={onShort}
            css={{ minW: '36px', minH: '36px' }}
          >
            <PackageX size={18} />
          </IconButton>
        )}
        <TabletsIn runId={run.id} onPages={onPages} />
        {run.status === 'running' && <Finish onFinish={() => void post(routes.runFinish(run.id))} />}
      </Flex>
    </Flex>
  );
}

/** The way to the stations’ pages, with how many tablets are in. */
function TabletsIn({ runId, onPages }: { runId: string; onPages(): void }) {
  const { data } = useStationsIn(runId, 10_000);
  const stations = new Set(data?.passes.map(({ station }) => station)).size;
  return (
    <IconButton
      aria-label="Pages for the stations"
      title="Pages for the stations"
      onClick={onPages}
      css={{ minW: '36px', minH: '36px', gap: '6px', px: '1.5' }}
    >
      <QrCode size={18} aria-hidden />
      {stations > 0 && (
        <Box as="span" fontSize="sm" fontWeight="semibold">
          {stations} in
        </Box>
      )}
    </IconButton>
  );
}

function Speeds({ speed, onSpeed }: { speed: number; onSpeed(speed: number): void }) {
  return (
    <Flex role="group" aria-label="Speed of the simulated class" align="center" gap="1">
      <Box color="soft" fontSize="sm" mr="1">
        simulated
      </Box>
      {speeds.map((one) => (
        <QuietButton
          key={one}
          aria-pressed={speed === one}
          onClick={() => onSpeed(one)}
          css={{ minH: '32px', px: '2.5' }}
        >
          ×{one}
        </QuietButton>
      ))}
    </Flex>
  );
}

/** The end, asked once more: it is for all stations. */
function Finish({ onFinish }: { onFinish(): void }) {
  const [sure, setSure] = useState(false);
  if (!sure) {
    return (
      <QuietButton css={{ minH: '36px' }} onClick={() => setSure(true)}>
        Finish the run
      </QuietButton>
    );
  }
  return (
    <>
      <Box fontSize="sm" color="soft">
        Finish for all stations?
      </Box>
      <QuietButton css={{ minH: '36px' }} onClick={onFinish}>
        Yes, finish
      </QuietButton>
      <QuietButton css={{ minH: '36px' }} onClick={() => setSure(false)}>
        Not yet
      </QuietButton>
    </>
  );
}

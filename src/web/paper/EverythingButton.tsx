import { Box } from '@chakra-ui/react';
import { format } from 'date-fns';
import { useEffect, useState } from 'react';
import type { PaperState } from '../../contract/paper';
import { routes } from '../../contract/routes';
import { request, sayError } from '../api/request';
import type { PaperName } from './paper';
import { MainButton, WordButton } from '../ui/Button';

interface EverythingButtonProps {
  from: number;
  to: number;
  without?: readonly string[];
  paper: PaperName;
}

const askEveryMs = 400;

/** One file with everything for some days: made on the server while it is said how far it has come. */
export function EverythingButton({ from, to, without = [], paper }: EverythingButtonProps) {
  const [state, setState] = useState<PaperState | null>(null);
  const [error, setError] = useState<string | null>(null);
  const open = state !== null && !state.ready && state.failed === null;
  useEffect(() => {
    if (!open) return;
    const timer = setInterval(() => {
      request<PaperState>(routes.everythingState(state.id)).then(setState, (reason: unknown) =>
        setError(sayError(reason)),
      );
    }, askEveryMs);
    return () => clearInterval(timer);
  }, [open, state?.id]);
  const begin = () => {
    setError(null);
    request<PaperState>(routes.everything, { body: { from, to, without, paper } }).then(
      setState,
      (reason: unknown) => setError(sayError(reason)),
    );
  };
  const oneDay = to - from <= 25 * 3_600_000;
  const name = `Everything for ${oneDay ? format(from, 'EEEE') : 'these days'}, PDF`;
  return (
    <Box mt="4">
      <MainButton onClick={begin} disabled={open}>
        {name}
      </MainButton>
      {open && (
        <Box role="status" mt="2" fontSize="sm">
          <Box
            as="progress"
            css={{ width: '100%' }}
            {...{ value: state.done, max: state.of }}
            aria-label={name}
          />
          {state.done} of {state.of} parts laid out …
        </Box>
      )}
      {state?.ready && (
        <Box mt="2">
          <WordButton asChild>
            <a href={routes.everythingFile(state.id)} target="_blank" rel="noreferrer">
              open the file
            </a>
          </WordButton>
        </Box>
      )}
      {(error ?? state?.failed) && (
        <Box role="alert" color="ember" fontSize="sm" mt="1">
          {error ?? state?.failed}
        </Box>
      )}
    </Box>
  );
}

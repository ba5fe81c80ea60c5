import { Box, Flex } from '@chakra-ui/react';
import { Fragment, Suspense } from 'react';
import { partLater } from '../offline/part-later';
import { factorUnit, isPhoto, type Plan } from '../../core/practical';
import { NotedLine } from './NotedLine';
import type { PadProps } from './pad-props';
import { ResponseLine } from './ResponseLine';

// Reading, shrinking and naming a picture is fetched only where a plan asks for one.
const PhotoLine = partLater(() => import('./PhotoLine').then((module) => module.PhotoLine));

/** What is noted once, and one line for each response of the plan. */
export function MeasuredPad({ run, door, state, notes, onLog }: PadProps) {
  const { responses, noted } = run.plan;
  const typed = responses.filter((response) => response.formula.trim() === '');
  const asked = [
    ...state.own.open.map(({ id, name }) => ({
      id,
      name: `${name || 'your level'}: what you chose`,
      unit: unitOf(run.plan, id),
    })),
    ...noted.map(({ id, what, unit }) => ({ id, name: what, unit })),
  ];
  if (typed.length + asked.length === 0) return <Box color="soft">This plan measures nothing yet.</Box>;
  return (
    <Flex direction="column" gap="4">
      {asked.map((one) => (
        <NotedLine
          key={one.id}
          {...one}
          written={notes.noted.findLast((entry) => entry.body.about === one.id) ?? null}
          onLog={onLog}
        />
      ))}
      {typed.map((response) => (
        <Fragment key={response.id}>
          {isPhoto(response) ? (
            <Suspense fallback={<Box color="soft">{response.name}</Box>}>
              <PhotoLine
                response={response}
                taken={notes.photos.filter((noted) => noted.body.responseId === response.id)}
                door={door}
                onLog={onLog}
              />
            </Suspense>
          ) : (
            <ResponseLine
              response={response}
              measured={notes.measurements.filter((noted) => noted.body.responseId === response.id)}
              onLog={onLog}
            />
          )}
        </Fragment>
      ))}
    </Flex>
  );
}

/** The unit of a factor whose level the station chooses. */
function unitOf(plan: Plan, id: string): string {
  const factor = plan.factors.find((one) => one.id === id);
  return factor ? factorUnit(plan, factor) : '';
}

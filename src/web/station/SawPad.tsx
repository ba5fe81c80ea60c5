import { Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { ObservationTime, Sense } from '../../core/run';
import type { PadProps } from './pad-props';
import { Chip } from '../ui/pad-keys';
import { WordsPad } from './WordsPad';

const times: readonly ObservationTime[] = ['before', 'during', 'after'];
const senses: readonly Sense[] = ['appearance', 'colour', 'texture', 'smell', 'sound'];

/** What was seen, felt, smelt or heard, before, during or after. */
export function SawPad({ run, onLog }: PadProps) {
  const [when, setWhen] = useState<ObservationTime>(run.status === 'finished' ? 'after' : 'during');
  const [sense, setSense] = useState<Sense | null>(null);
  return (
    <WordsPad
      label="What you saw"
      placeholder="golden, edges darker"
      keep={(text) => ({ kind: 'observation', text, when, sense })}
      onLog={onLog}
    >
      <Flex gap="2" role="group" aria-label="When">
        {times.map((time) => (
          <Chip key={time} type="button" aria-pressed={when === time} onClick={() => setWhen(time)}>
            {time}
          </Chip>
        ))}
      </Flex>
      <Flex gap="2" wrap="wrap" role="group" aria-label="Which sense">
        {senses.map((one) => (
          <Chip
            key={one}
            type="button"
            aria-pressed={sense === one}
            onClick={() => setSense(sense === one ? null : one)}
          >
            {one}
          </Chip>
        ))}
      </Flex>
    </WordsPad>
  );
}

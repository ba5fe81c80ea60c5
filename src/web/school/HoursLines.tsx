import { Box, Flex } from '@chakra-ui/react';
import type { SchoolWays } from '../../core/days';
import { WordButton } from '../ui/Button';
import { ClockField } from '../ui/ClockField';
import { TextField } from '../ui/fields';
import { RemoveButton } from '../ui/line-tools';
import { newId, withItem, without, withoutAt, withPatchAt } from '../ui/lists';
import { Section } from '../ui/Section';

export interface WaysProps {
  ways: SchoolWays;
  onWays(change: (was: SchoolWays) => SchoolWays): void;
}

const dayNames = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
/** A period where nothing says how long one is, min. */
const usualPeriodMin = 60;

/** The periods of a day, bell to bell. */
export function PeriodLines({ ways, onWays }: WaysProps) {
  const bells = [...ways.bells].sort((a, b) => a.fromMin - b.fromMin);
  const change = (id: string, patch: Partial<SchoolWays['bells'][number]>) =>
    onWays((was) => ({ ...was, bells: withItem(was.bells, id, patch) }));
  const add = () =>
    onWays((was) => {
      const last = [...was.bells].sort((a, b) => a.toMin - b.toMin).at(-1);
      const long = last ? last.toMin - last.fromMin : usualPeriodMin;
      const fromMin = last ? Math.min(last.toMin + 5, 1440 - long) : 540;
      const name = String(was.bells.length + 1);
      return { ...was, bells: [...was.bells, { id: newId(), name, fromMin, toMin: fromMin + long }] };
    });
  return (
    <Section name="Periods">
      {bells.length === 0 && (
        <Box color="soft" mb="1">
          None yet. With them the week is drawn by its bells, and a run is planned by its period.
        </Box>
      )}
      {bells.map(({ id, name, fromMin, toMin }) => (
        <Flex key={id} role="group" gap="3" py="1" align="baseline">
          <Box minW="7ch" fontWeight="semibold">
            <TextField
              label="Name of the period"
              value={name}
              needed
              most={30}
              onValue={(words) => change(id, { name: words })}
            />
          </Box>
          <span>
            <ClockField
              label={`First bell of ${name}`}
              value={fromMin}
              onValue={(at) => change(id, { fromMin: at })}
            />{' '}
            to{' '}
            <ClockField
              label={`Last bell of ${name}`}
              value={toMin}
              onValue={(at) => change(id, { toMin: at })}
            />
          </span>
          <Box color="soft">{toMin > fromMin && `${toMin - fromMin} min`}</Box>
          <RemoveButton
            what={`period ${name}`}
            onClick={() => onWays((was) => ({ ...was, bells: without(was.bells, id) }))}
          />
        </Flex>
      ))}
      <WordButton fontSize="sm" onClick={add}>
        one more period
      </WordButton>
    </Section>
  );
}

/** When somebody can be in the rooms. */
export function HoursLines({ ways, onWays }: WaysProps) {
  return (
    <Section name="Open">
      <Box color="soft" mb="1">
        When somebody can work in the rooms. Jobs before and after lessons are put into these hours.
      </Box>
      {dayNames.map((dayName, i) => {
        const day = i + 1;
        const own = ways.hours
          .map((hours, at) => ({ ...hours, at }))
          .filter((hours) => hours.day === day)
          .sort((a, b) => a.fromMin - b.fromMin);
        return (
          <Flex key={day} role="group" gap="3" py="0.5" align="baseline" wrap="wrap">
            <Box minW="11ch" fontWeight="semibold" color={own.length > 0 ? 'ink' : 'soft'}>
              {dayName}
            </Box>
            {own.length === 0 && <Box color="soft">closed</Box>}
            {own.map(({ at, fromMin, toMin }, k) => (
              <Flex key={at} gap="1" align="baseline">
                {k > 0 && <span>and</span>}
                <span>
                  <ClockField
                    label={`${dayName} from`}
                    value={fromMin}
                    onValue={(value) =>
                      onWays((was) => ({ ...was, hours: withPatchAt(was.hours, at, { fromMin: value }) }))
                    }
                  />{' '}
                  to{' '}
                  <ClockField
                    label={`${dayName} to`}
                    value={toMin}
                    onValue={(value) =>
                      onWays((was) => ({ ...was, hours: withPatchAt(was.hours, at, { toMin: value }) }))
                    }
                  />
                </span>
                <RemoveButton
                  what={`hours of ${dayName}`}
                  onClick={() => onWays((was) => ({ ...was, hours: withoutAt(was.hours, at) }))}
                />
              </Flex>
            ))}
            <WordButton
              fontSize="sm"
              css={{ fontWeight: 'medium', color: 'soft' }}
              aria-label={`More hours on ${dayName}`}
              onClick={() =>
                onWays((was) => {
                  const last = own.at(-1);
                  const fromMin = last ? Math.min(last.toMin + 60, 1380) : 480;
                  const hours = { day, fromMin, toMin: Math.min(1440, last ? fromMin + 60 : 990) };
                  return { ...was, hours: [...was.hours, hours] };
                })
              }
            >
              {own.length === 0 ? 'open it' : '+ hours'}
            </WordButton>
          </Flex>
        );
      })}
    </Section>
  );
}

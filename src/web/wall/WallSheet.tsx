import { Box, Flex, Heading } from '@chakra-ui/react';
import { capitalised } from '../../core/format';
import { classSteps, type Place, type Plan } from '../../core/practical';
import type { LessonTimetable } from '../../core/timetable';
import { Page } from '../paper/Page';
import type { PaperName } from '../paper/paper';
import { Legend } from '../timetable/Legend';
import { TimetableDrawing } from '../timetable/TimetableDrawing';
import type { SayMinute } from '../timetable/drawing-scale';

interface WallSheetProps {
  plan: Plan;
  place: Place | null;
  unit: 'C' | 'F';
  timetable: LessonTimetable;
  /** Class, room, day. */
  when: string;
  say: SayMinute;
  opening: readonly { words: string }[];
  paper: PaperName;
}

/** Lanes from which a sheet stands upright, so that they stay high enough to be read. */
const uprightFrom = 20;

/** The timetable for the wall: one sheet, to be read from two metres. */
export function WallSheet({ plan, place, unit, timetable, when, say, opening, paper }: WallSheetProps) {
  const stations = new Set(
    timetable.bars.flatMap(({ lane }) => (lane.kind === 'station' ? [lane.number] : [])),
  );
  const sideways = stations.size < uprightFrom;
  const lane = Math.max(15, Math.min(28, Math.floor((sideways ? 240 : 620) / stations.size)));
  const steps = classSteps(plan, place, unit, ['minutes', 'lookAt', 'windows']).filter(
    (_, i) => plan.steps[i]!.when === 'lesson',
  );
  return (
    <Page paper={paper} sideways={sideways} foot={`Timetable · ${plan.title} · ${when}`}>
      <Flex align="baseline" gap="6mm" wrap="wrap">
        <Heading as="h2" fontFamily="heading" fontSize="20pt" fontWeight="semibold" lineHeight="1.15">
          {plan.title}
        </Heading>
        <Box fontSize="12pt">{when}</Box>
      </Flex>
      {opening.length > 0 && (
        <Box fontSize="11pt" mt="1.5mm">
          <strong>First:</strong> {opening.map(({ words }) => words).join(' · ')}
        </Box>
      )}
      <Box mt="3mm" css={{ '& svg': { maxHeight: sideways ? '118mm' : '190mm' } }}>
        <TimetableDrawing {...{ plan, timetable, say }} odds={null} by="station" onHold={null} lane={lane} />
      </Box>
      <Legend odds={false} />
      <Box
        as="ol"
        listStyleType="none"
        mt="3mm"
        fontSize={steps.length > 8 ? '10pt' : '12pt'}
        lineHeight="1.3"
        css={{ columnCount: sideways ? 2 : 1, columnGap: '8mm' }}
      >
        {steps.map((step) => (
          <Flex as="li" key={step.id} gap="2mm" css={{ breakInside: 'avoid' }}>
            <Box as="strong" minW="5mm" textAlign="right">
              {step.number}
            </Box>
            <Box>
              {step.sentence}
              {step.until && ` Until ${step.until}.`}
              {step.marks.length > 0 && (
                <Box as="span" fontWeight="semibold">
                  {' '}
                  {capitalised(step.marks.join(' · '))}
                </Box>
              )}
            </Box>
          </Flex>
        ))}
      </Box>
    </Page>
  );
}

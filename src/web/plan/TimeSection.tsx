import { memo, Suspense } from 'react';
import { Box, Flex } from '@chakra-ui/react';
import { Link as RouterLink, useParams, useSearchParams } from 'react-router';
import { partLater } from '../offline/part-later';
import { planShape } from '../../core/practical';
import { range } from '../../core/shape';
import { useSchool } from '../api/queries';
import { useRoomChoices } from '../api/room-choices';
import { WordButton } from '../ui/Button';
import { NumberField } from '../ui/fields';
import { useLaid, usePlan } from './edit-context';
import { Section } from '../ui/Section';

const TimetableView = partLater(() =>
  import('../timetable/TimetableView').then((view) => view.TimetableView),
);

/** The period from bell to bell, and whether the lesson fits its room. */
export const TimeSection = memo(function TimeSection() {
  const { plan, place, edit } = usePlan();
  const { onLaid } = useLaid();
  const { practicalId } = useParams();
  const { data: school } = useSchool();
  const rooms = useRoomChoices();
  const [query] = useSearchParams();
  const runId = query.get('run');
  return (
    <Section name="Time" anchor="time">
      <Flex wrap="wrap" columnGap="5" rowGap="1" mb="3">
        <MinutesOf of="periodMinutes" says="Bell to bell" label="Period" />
        <MinutesOf of="briefingMinutes" says="briefing" label="Briefing" />
        <MinutesOf of="clearUpMinutes" says="clearing up" label="Clearing up" />
        <WordButton asChild fontSize="sm">
          <RouterLink to={`/practicals/${practicalId}/trial`}>
            {plan.trials.length === 0 ? 'try it at one station first' : 'try it again'}
          </RouterLink>
        </WordButton>
        <WordButton asChild fontSize="sm">
          <RouterLink to={runId ? `/runs/${runId}/timetable` : `/practicals/${practicalId}/timetable`}>
            for the wall
          </RouterLink>
        </WordButton>
      </Flex>
      <Suspense fallback={<Box color="soft">Laying out the lesson …</Box>}>
        {school && (
          <TimetableView
            rooms={rooms}
            {...{ plan, place }}
            lists={school.ways}
            onPlan={(change) => edit('time', change)}
            onLaid={onLaid}
          />
        )}
      </Suspense>
    </Section>
  );
});

interface MinutesOfProps {
  of: 'periodMinutes' | 'briefingMinutes' | 'clearUpMinutes';
  says: string;
  label: string;
}

function MinutesOf({ of, says, label }: MinutesOfProps) {
  const { plan, edit } = usePlan();
  return (
    <span>
      {says}{' '}
      <NumberField
        label={label}
        value={plan[of]}
        {...range(planShape.fields[of])}
        unit="min"
        chars={1}
        onValue={(value) => edit(of, (was) => ({ ...was, [of]: value! }))}
      />{' '}
      min
    </span>
  );
}

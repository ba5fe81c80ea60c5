import { Box, Flex } from '@chakra-ui/react';
import type { School } from '../../contract/school';
import { schoolWaysShape, type SchoolWays } from '../../core/days';
import { refusalsOf } from '../../core/shape';
import { useSchool, useSetWays } from '../api/queries';
import { Frame } from '../frame/Frame';
import { Aside } from '../ui/Aside';
import { KeptState } from '../ui/KeptState';
import { Waiting } from '../ui/Notice';
import { useKept } from '../ui/use-kept';
import { CalendarLines } from './CalendarLines';
import { ClosedDays } from './ClosedDays';
import { HoursLines, PeriodLines } from './HoursLines';
import { ListLines } from './ListLines';
import { RoomLinks } from './RoomLinks';

/** How the school works: its hours and bells, what every lesson begins and ends with, its rooms. */
export function SchoolPage() {
  const { data: school, error } = useSchool();
  if (!school) return <Waiting error={error} />;
  return <OpenSchool school={school} />;
}

function OpenSchool({ school }: { school: School }) {
  const set = useSetWays();
  const kept = useKept<SchoolWays>({
    value: school.ways,
    version: school.waysVersion,
    send: async (ways, version, keepalive) =>
      (await set.mutateAsync({ edit: { ways, version }, keepalive })).waysVersion,
    current({ problem }) {
      const { ways, waysVersion } = problem.current as Pick<School, 'ways' | 'waysVersion'>;
      return { value: ways, version: waysVersion };
    },
    wrong(ways) {
      const [refused] = refusalsOf(schoolWaysShape, ways);
      return refused ? `${refused.field}: allowed is ${refused.allowed}.` : null;
    },
  });
  const { value: ways, change } = kept;
  return (
    <Frame
      title="The school"
      subtitle={`${school.name} · hours, bells, lists and rooms of every lesson`}
      keys={[{ keys: 'Ctrl Z', does: 'take the last change back' }]}
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" bg="sheet" px={{ base: '4', md: '7' }} py="4">
          <PeriodLines ways={ways} onWays={change} />
          <HoursLines ways={ways} onWays={change} />
          <ClosedDays ways={ways} onWays={change} />
          <ListLines of="opening" ways={ways} onWays={change} />
          <ListLines of="closing" ways={ways} onWays={change} />
        </Box>
        <Aside name="Kept, calendar and rooms" wide={340} px="6" py="6">
          <KeptState kept={kept} what="How the school works" />
          <CalendarLines shared={school.calendarShared} />
          <RoomLinks />
        </Aside>
      </Flex>
    </Frame>
  );
}

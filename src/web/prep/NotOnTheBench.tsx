import { Box, Heading } from '@chakra-ui/react';
import { useState } from 'react';
import type { RunPrep } from '../../contract/prep';
import { capitalised, formatNumber, listed, rangesOf, stationsWords } from '../../core/format';
import { isShort, pullList, sharingOf, toolsSource, usesIn, type Pull, type Sharing } from '../../core/prep';
import type { Remark } from '../../core/remark';
import type { BenchSetting } from '../../core/run';
import type { LessonTimetable } from '../../core/timetable';
import { workingOf } from '../../core/working';
import { RemarkCard } from '../margin/RemarkCard';
import { RanShort } from '../short/RanShort';
import type { LiveRun } from '../run/live-run';
import { QuietButton } from '../ui/Button';

interface NotOnTheBenchProps {
  live: LiveRun;
  setting: BenchSetting;
  prep: RunPrep;
  timetable: LessonTimetable | null;
}

/** What the room has too few of, and the way to say that something is short. */
export function NotOnTheBench({ live, setting, prep, timetable }: NotOnTheBenchProps) {
  const [asking, setAsking] = useState(false);
  const short = pullList(setting.plan, setting).filter(isShort);
  return (
    <Box as="section" aria-label="Not on the bench yet">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" color="tawny" mb="1">
        Not on the bench yet
      </Heading>
      {short.length === 0 && (
        <Box color="soft">Nothing the room has too few of, as far as it is counted.</Box>
      )}
      {short.map((one) => (
        <RemarkCard key={one.id} said={remarkOf(one, setting, timetable)} />
      ))}
      <QuietButton mt="3" onClick={() => setAsking(true)} w="100%">
        Something is short or missing
      </QuietButton>
      {asking && (
        <RanShort
          {...{ live, setting }}
          spares={prep.ways.spares}
          demonstration={prep.ways.demonstration}
          onClose={() => setAsking(false)}
        />
      )}
    </Box>
  );
}

/** “stations 7–12 take it from 1–6 at 48 min”. */
function takenOver(turns: Sharing['turns']): string[] {
  const at = new Map<number, { station: number; after: number }[]>();
  for (const { station, after, fromMin } of turns) {
    if (after === null) continue;
    const minute = Math.round(fromMin);
    at.set(minute, [...(at.get(minute) ?? []), { station, after }]);
  }
  return [...at].map(([minute, all]) => {
    const to = all.map(({ station }) => station);
    const from = rangesOf(all.map(({ after }) => after));
    return `${stationsWords(to)} ${all.length === 1 ? 'takes' : 'take'} it from ${from} at ${formatNumber(minute)} min`;
  });
}

function remarkOf(pull: Pull, { plan }: BenchSetting, timetable: LessonTimetable | null): Remark {
  const { id, name, wanted, has, stations } = pull;
  const uses = timetable ? usesIn(pull, plan, timetable) : [];
  const shared = uses.length > 0 ? sharingOf(uses, has!) : null;
  const why =
    shared && shared.waiting.length === 0
      ? `By the timetable they can go round: ${listed(takenOver(shared.turns))}.`
      : shared && shared.waiting.length < stations.length
        ? `${capitalised(stationsWords(shared.waiting))} would wait for one: borrow ${wanted - has!}, or let two stations share.`
        : `Borrow ${wanted - has!}, or let two stations share.`;
  return {
    id: `short:${id}`,
    rank: 'check',
    what: `${wanted} × ${name} wanted, ${has} in the room`,
    why,
    working: workingOf(
      [
        { text: 'stations that use it', value: stations.length },
        { text: 'in the room', value: has! },
      ],
      [toolsSource],
    ),
  };
}

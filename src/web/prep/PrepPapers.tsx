import { Box, Flex, Heading } from '@chakra-ui/react';
import { useState } from 'react';
import { routes } from '../../contract/routes';
import type { Run } from '../../contract/runs';
import { labelKinds, labelSheets, labelSheetSource, labelsOn, type LabelKind } from '../../core/labels';
import type { PaperName } from '../paper/paper';
import { PaperNames } from '../paper/PaperChoice';
import { WordButton } from '../ui/Button';
import { CheckLine } from '../ui/CheckLine';
import { NumberField, Choice } from '../ui/fields';
import { EverythingButton } from '../paper/EverythingButton';

const pages = [
  ['weigh-out', 'Weigh-out'],
  ['trays', 'Tray cards'],
  ['pull-list', 'Pull list'],
  ['timetable', 'Timetable'],
  ['risk', 'Risk assessment'],
  ['sheets', 'Student sheets'],
] as const;

const kindWords: Record<LabelKind, string> = {
  stations: 'stations and trays',
  dishes: 'dishes weighed out',
  storage: 'what is kept',
  parcels: 'parcels, by seat',
};

/** Everything of a run on paper, as PDF from the server. */
export function PrepPapers({ run }: { run: Run }) {
  const [paper, setPaper] = useState<PaperName>('A4');
  return (
    <Box as="section" aria-label="On paper" mt="7">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" color="tawny" mb="1">
        On paper
      </Heading>
      <PaperNames paper={paper} onPaper={setPaper} />
      <Flex wrap="wrap" columnGap="4" rowGap="0.5" mt="2">
        {pages.map(([name, words]) => (
          <WordButton key={name} asChild minH="30px">
            <a href={`${routes.runPaper(run.id, name)}?paper=${paper}`} target="_blank" rel="noreferrer">
              {words}
            </a>
          </WordButton>
        ))}
      </Flex>
      <LabelsLine run={run} paper={paper} />
      <EverythingButton from={startOfDay(run.startsAt)} to={startOfDay(run.startsAt) + dayMs} paper={paper} />
    </Box>
  );
}

const dayMs = 24 * 3_600_000;
const startOfDay = (at: number) => new Date(at).setHours(0, 0, 0, 0);

/** Labels for a sheet that may have been begun. */
function LabelsLine({ run, paper }: { run: Run; paper: PaperName }) {
  const [kind, setKind] = useState<LabelKind>('stations');
  const [chosen, setSheet] = useState('a4-21');
  const [startAt, setStartAt] = useState(1);
  const [borders, setBorders] = useState(false);
  const own = labelSheets.filter((sheet) => sheet.paper === paper);
  const sheet = own.find(({ id }) => id === chosen) ?? own[2]!;
  const at = Math.min(startAt, labelsOn(sheet));
  const query = `run=${run.id}&kind=${kind}&sheet=${sheet.id}&startAt=${at}${borders ? '&borders=yes' : ''}`;
  return (
    <Box mt="3" pt="3" borderTopWidth="1px" borderColor="rule">
      <Flex align="center" gap="2" wrap="wrap">
        <span>Labels for</span>
        <Choice
          label="Labels for"
          value={kind}
          options={labelKinds.map((one): [LabelKind, string] => [one, kindWords[one]])}
          onValue={(one) => setKind(one)}
        />
      </Flex>
      <Flex align="center" gap="2" wrap="wrap" mt="1.5">
        <Choice
          label="Sheet"
          value={sheet.id}
          options={own.map(
            (one) =>
              [
                one.id,
                `${labelsOn(one)} a sheet, ${Math.round(one.widthMm * 10) / 10} × ${Math.round(one.heightMm * 10) / 10} mm`,
              ] as const,
          )}
          onValue={setSheet}
        />
      </Flex>
      <Flex align="center" gap="2" wrap="wrap" mt="1.5">
        <span>from label</span>
        <NumberField
          label="From label"
          value={at}
          low={1}
          high={labelsOn(sheet)}
          whole
          chars={3}
          onValue={(value) => value !== null && setStartAt(value)}
        />
      </Flex>
      <Box fontSize="sm" color="soft">
        {labelSheetSource.text}.
      </Box>
      <CheckLine label="draw where labels end, for a trial" checked={borders} onChange={setBorders} />
      <WordButton asChild>
        <a href={`${routes.labelPaper}?${query}`} target="_blank" rel="noreferrer">
          Labels, PDF
        </a>
      </WordButton>
    </Box>
  );
}

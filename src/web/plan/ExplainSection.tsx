import { Box, chakra, Flex } from '@chakra-ui/react';
import { memo } from 'react';
import { teachingSource, withDraft } from '../../core/explain';
import {
  aimShape,
  keyWordShape,
  lookedAtShape,
  planShape,
  type KeyWord,
  type LookedAt,
} from '../../core/practical';
import { isFull, longest } from '../../core/shape';
import { QuietButton } from '../ui/Button';
import { TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { AddLine, RemoveButton } from '../ui/line-tools';
import { newId, withItem, without, withoutAt, withPatchAt } from '../ui/lists';
import { Row } from './Row';
import { Section } from '../ui/Section';

/** What the lesson is for: aims, key words, and what there is to be seen; drafted by the program, then the teacher’s. */
export const ExplainSection = memo(function ExplainSection() {
  const { plan, edit } = usePlan();
  const empty = plan.aims.length + plan.keyWords.length + plan.lookedAt.length === 0;
  return (
    <Section name="Explain" anchor="explain">
      <Aims />
      <KeyWords />
      <LookedAtTable />
      <Flex mt="2.5" gap="3" align="baseline" wrap="wrap">
        <QuietButton onClick={() => edit('draft', (was) => withDraft(was, newId))}>
          {empty ? 'Draft it from the plan' : 'Draft what is missing'}
        </QuietButton>
        <Box color="soft" fontSize="sm">
          From the question, the ingredients and the method. What you wrote stays; Ctrl Z takes the draft
          back. {teachingSource.text}.
        </Box>
      </Flex>
    </Section>
  );
});

function Aims() {
  const { plan, edit } = usePlan();
  return (
    <Row name="Students can">
      {plan.aims.map((aim, i) => (
        <Flex key={i} gap="1.5" align="baseline" role="group">
          <Box flex="1" minW="0">
            <TextField
              label={`Aim ${i + 1}`}
              needed
              multiline
              most={longest(aimShape)}
              value={aim}
              onValue={(text) =>
                edit(`aim-${i}`, (was) => ({
                  ...was,
                  aims: was.aims.map((one, j) => (j === i ? text : one)),
                }))
              }
            />
          </Box>
          <RemoveButton
            what={`aim ${i + 1}`}
            onClick={() => edit('aims', (was) => ({ ...was, aims: withoutAt(was.aims, i) }))}
          />
        </Flex>
      ))}
      <AddLine
        label="Add an aim"
        most={longest(aimShape)}
        full={isFull(planShape.fields.aims, plan.aims)}
        placeholder="what they can do or explain afterwards"
        onAdd={(text) => edit('aims', (was) => ({ ...was, aims: [...was.aims, text] }))}
      />
    </Row>
  );
}

function KeyWords() {
  const { plan, edit } = usePlan();
  const change = (i: number, patch: Partial<KeyWord>) =>
    edit(`key-word-${i}-${Object.keys(patch)[0]}`, (was) => ({
      ...was,
      keyWords: withPatchAt(was.keyWords, i, patch),
    }));
  return (
    <Row name="Key words">
      {plan.keyWords.map(({ word, meaning }, i) => (
        <Flex key={i} columnGap="2" align="baseline" role="group" wrap="wrap">
          <Box fontWeight="bold">
            <TextField
              label={`Key word ${i + 1}`}
              needed
              most={longest(keyWordShape.fields.word)}
              value={word}
              chars={1}
              onValue={(text) => change(i, { word: text })}
            />
          </Box>
          <Box flex="1" minW="14rem">
            <TextField
              label={`Meaning of ${word}`}
              multiline
              most={longest(keyWordShape.fields.meaning)}
              value={meaning}
              placeholder="what it means"
              onValue={(text) => change(i, { meaning: text })}
            />
          </Box>
          <RemoveButton
            what={`key word ${word}`}
            onClick={() => edit('key-words', (was) => ({ ...was, keyWords: withoutAt(was.keyWords, i) }))}
          />
        </Flex>
      ))}
      <AddLine
        label="Add a key word"
        most={longest(keyWordShape.fields.word)}
        full={isFull(planShape.fields.keyWords, plan.keyWords)}
        placeholder="a word of the trade"
        onAdd={(word) =>
          edit('key-words', (was) => ({ ...was, keyWords: [...was.keyWords, { word, meaning: '' }] }))
        }
      />
    </Row>
  );
}

const Head = chakra('th', {
  base: { pb: '1', pr: '3', fontWeight: 'medium', color: 'soft', fontSize: 'sm', textAlign: 'left' },
});
const Cell = chakra('td', { base: { py: '1', pr: '3', verticalAlign: 'top' } });
const stages = ['before', 'during', 'after'] as const;

/** What there is to be seen of each thing, before, while and after; on the students’ sheet the cells are blank. */
function LookedAtTable() {
  const { plan, edit } = usePlan();
  return (
    <Row name="Look at">
      {plan.lookedAt.length > 0 && (
        <Box overflowX="auto">
          <chakra.table w="100%" css={{ borderCollapse: 'collapse' }} fontSize="sm">
            <thead>
              <chakra.tr borderBottomWidth="1px" borderColor="rule">
                {['What', 'Before', 'During', 'After'].map((head) => (
                  <Head key={head} w={head === 'What' ? '19%' : '27%'}>
                    {head}
                  </Head>
                ))}
              </chakra.tr>
            </thead>
            <tbody>
              {plan.lookedAt.map((line) => (
                <LookedAtRow
                  key={line.id}
                  line={line}
                  onChange={(patch) =>
                    edit(`${line.id}-${Object.keys(patch)[0]}`, (was) => ({
                      ...was,
                      lookedAt: withItem(was.lookedAt, line.id, patch),
                    }))
                  }
                  onRemove={() =>
                    edit(`${line.id}-gone`, (was) => ({ ...was, lookedAt: without(was.lookedAt, line.id) }))
                  }
                />
              ))}
            </tbody>
          </chakra.table>
        </Box>
      )}
      <AddLine
        label="Add what is looked at"
        most={longest(lookedAtShape.fields.what)}
        full={isFull(planShape.fields.lookedAt, plan.lookedAt)}
        placeholder="an ingredient, or the whole"
        onAdd={(what) =>
          edit('looked-at', (was) => ({
            ...was,
            lookedAt: [...was.lookedAt, { id: newId(), what, before: '', during: '', after: '' }],
          }))
        }
      />
    </Row>
  );
}

interface LookedAtRowProps {
  line: LookedAt;
  onChange(patch: Partial<LookedAt>): void;
  onRemove(): void;
}

function LookedAtRow({ line, onChange, onRemove }: LookedAtRowProps) {
  return (
    <chakra.tr borderBottomWidth="1px" borderColor="rule" role="group">
      <Cell fontWeight="semibold">
        <Flex align="baseline">
          <TextField
            label="What is looked at"
            needed
            multiline
            most={longest(lookedAtShape.fields.what)}
            value={line.what}
            onValue={(what) => onChange({ what })}
          />
          <RemoveButton what={`${line.what} from the table`} onClick={onRemove} />
        </Flex>
      </Cell>
      {stages.map((stage) => (
        <Cell key={stage}>
          <TextField
            label={`${line.what}, ${stage}`}
            multiline
            most={longest(lookedAtShape.fields[stage])}
            value={line[stage]}
            placeholder="…"
            onValue={(text) => onChange({ [stage]: text })}
          />
        </Cell>
      ))}
    </chakra.tr>
  );
}

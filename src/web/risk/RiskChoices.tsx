import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { riskScaleShape } from '../../core/practical';
import { innerOf, refusalsOf } from '../../core/shape';
import { useClasses, useSetRiskScale } from '../api/queries';
import { sayError } from '../api/request';
import { Choice, TextField } from '../ui/fields';

/** Whose declared needs stand on the paper: nobody’s, unless the teacher asks for it. */
export function ForClass({ value, onValue }: { value: string; onValue(id: string): void }) {
  const { data: classes = [] } = useClasses();
  const having = classes.filter((group) => group.needs.length > 0);
  if (having.length === 0) return null;
  return (
    <Box mt="2" fontSize="sm">
      Declared needs on the paper:{' '}
      <Choice
        label="Declared needs of"
        value={value}
        options={[['', 'of no class'] as const, ...having.map(({ id, name }) => [id, `of ${name}`] as const)]}
        onValue={onValue}
      />
    </Box>
  );
}

const word = innerOf(riskScaleShape);
const longestWord = word.kind === 'list' && word.of.kind === 'text' ? word.of.most : 30;
const places = ['least', 'middle', 'most'];

/** The school’s words for the risk that remains, for every plan that brought none of its own. */
export function ScaleWords({ scale }: { scale: readonly string[] }) {
  const set = useSetRiskScale();
  const [typed, setTyped] = useState<string[] | null>(null);
  const words = typed ?? scale;
  const keep = () => {
    if (typed && refusalsOf(riskScaleShape, typed).length === 0) set.mutate(typed);
  };
  return (
    <Box mt="5" fontSize="sm" color="soft">
      The school’s words for what remains:
      <Flex gap="3" color="ink" onBlur={keep}>
        {words.map((one, i) => (
          <TextField
            key={i}
            label={`Word for the ${places[i]} risk`}
            needed
            most={longestWord}
            chars={1}
            value={one}
            onValue={(text) => setTyped(words.map((other, j) => (j === i ? text : other)))}
          />
        ))}
      </Flex>
      {set.error && (
        <Box role="alert" color="ember">
          {sayError(set.error)}
        </Box>
      )}
    </Box>
  );
}

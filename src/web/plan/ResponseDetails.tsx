import { Box } from '@chakra-ui/react';
import { responseShape, type Response } from '../../core/practical';
import { longest, range } from '../../core/shape';
import { useKeepMeasure } from '../api/measure-queries';
import { sayError } from '../api/request';
import { WordButton } from '../ui/Button';
import { NumberField, TextField } from '../ui/fields';

interface ResponseDetailsProps {
  response: Response;
  onChange(patch: Partial<Response>): void;
}

/** How it is taken, when, how well it repeats, and keeping it for the school. */
export function ResponseDetails({ response, onChange }: ResponseDetailsProps) {
  const { name, unit, how, when, repeatSd } = response;
  const { fields } = responseShape;
  return (
    <Box w="100%" p="3" mb="1" bg="paper" borderRadius="6px" display="grid" gap="1.5">
      <TextField
        label={`How ${name} is taken`}
        multiline
        most={longest(fields.how)}
        value={how}
        placeholder="how it is taken, so that two stations take it alike"
        onValue={(text) => onChange({ how: text })}
      />
      <span>
        Read{' '}
        <TextField
          label={`When ${name} is read`}
          most={longest(fields.when)}
          value={when}
          placeholder="when?"
          chars={1}
          onValue={(text) => onChange({ when: text })}
        />
        . Stations that do the same usually differ by ±
        <NumberField
          label={`Usual spread of ${name}`}
          value={repeatSd}
          {...range(fields.repeatSd)}
          mayBeEmpty
          placeholder="?"
          chars={1}
          onValue={(value) => onChange({ repeatSd: value })}
        />{' '}
        {unit}
      </span>
      <KeepForSchool response={response} />
    </Box>
  );
}

function KeepForSchool({ response }: { response: Response }) {
  const keep = useKeepMeasure();
  return (
    <Box fontSize="sm" color="soft">
      <WordButton
        fontSize="sm"
        css={{ fontWeight: 'medium' }}
        disabled={keep.isPending}
        onClick={() => keep.mutate(response)}
      >
        keep it among the school’s measures
      </WordButton>{' '}
      <span role="status">{keep.isSuccess && `“${response.name}” is kept; every plan can choose it.`}</span>
      {keep.error && (
        <Box as="span" role="alert" color="ember">
          {sayError(keep.error)}
        </Box>
      )}
    </Box>
  );
}

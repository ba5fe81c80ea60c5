import { Box, Flex } from '@chakra-ui/react';
import { planShape, tagShape } from '../../core/practical';
import { isFull, longest } from '../../core/shape';
import { usePlan } from './edit-context';
import { AddLine, RemoveButton } from '../ui/line-tools';

/** The school’s own words to find a practical by. */
export function TagsLine() {
  const { plan, edit } = usePlan();
  return (
    <Flex wrap="wrap" columnGap="1" align="baseline" mt="1.5" fontSize="sm">
      {plan.tags.map((tag) => (
        <Flex key={tag} as="span" role="group" align="center" gap="0.5">
          <Box as="span" bg="tawnyWash" color="tawnyDeep" px="1.5" borderRadius="4px">
            {tag}
          </Box>
          <RemoveButton
            what={`tag ${tag}`}
            onClick={() => edit('tags', (was) => ({ ...was, tags: was.tags.filter((one) => one !== tag) }))}
          />
        </Flex>
      ))}
      <AddLine
        label="Add a tag"
        most={longest(tagShape)}
        full={isFull(planShape.fields.tags, plan.tags)}
        placeholder={plan.tags.length === 0 ? 'a tag to find it by, such as year 9' : 'another tag'}
        onAdd={(typed) => {
          const tag = typed.toLowerCase();
          if (plan.tags.includes(tag)) return `“${tag}” is there already; each tag once`;
          edit('tags', (was) => ({ ...was, tags: [...was.tags, tag] }));
          return undefined;
        }}
      />
    </Flex>
  );
}

import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { planFileOf } from '../../contract/plan-file';
import type { Plan } from '../../core/practical';
import { WordButton } from '../ui/Button';
import { PlainDialog } from '../ui/PlainDialog';

/** The plan as a file for a colleague or as an open recipe, and the text it was once pasted as. */
export function TakeOut({ plan }: { plan: Plan }) {
  const [reading, setReading] = useState(false);
  const asRecipe = async () => {
    const { jsonLdOf } = await import('../../core/recipe/to-json-ld');
    save(
      `${JSON.stringify(jsonLdOf(plan), null, 2)}\n`,
      `${fileName(plan)}.recipe.json`,
      'application/ld+json',
    );
  };
  return (
    <>
      <WordButton
        fontSize="sm"
        title="The whole plan as a file that a colleague opens under “Paste a recipe”"
        onClick={() => save(planFileOf(plan), `${fileName(plan)}.plan.json`, 'application/json')}
      >
        save as a file
      </WordButton>
      <WordButton
        fontSize="sm"
        title="Formula and method as schema.org recipe data (JSON-LD)"
        onClick={() => void asRecipe()}
      >
        save as recipe data
      </WordButton>
      {plan.pasted !== '' && (
        <WordButton fontSize="sm" onClick={() => setReading(true)}>
          the pasted text
        </WordButton>
      )}
      <PlainDialog title="As it was pasted" size="xl" open={reading} onClose={() => setReading(false)}>
        <Box whiteSpace="pre-wrap" overflowWrap="anywhere" lineHeight="1.6">
          {plan.pasted}
        </Box>
      </PlainDialog>
    </>
  );
}

const fileName = ({ title }: Plan) =>
  title
    .toLowerCase()
    .replaceAll(/[^\p{L}\p{N}]+/gu, '-')
    .replaceAll(/^-|-$/g, '')
    .slice(0, 60) || 'plan';

function save(text: string, name: string, type: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}

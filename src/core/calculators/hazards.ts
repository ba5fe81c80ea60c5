import { hazards, hazardsIn, whoDecides } from '../safety';
import { defineCalculator } from './definition';

export const hazardsInCalculator = defineCalculator({
  id: 'hazards-in',
  title: 'Dangers in a step’s words',
  keywords: 'hazard danger caution risk assessment safety step burn knife',
  example: { text: 'Heat the oil to 180 °C and fry the slices two at a time.' },
  inputs: {
    text: { kind: 'text', most: 2000, example: 'Boil the vinegar.', about: 'what the step says' },
  },
  compute({ text }) {
    const found = hazardsIn(text);
    return {
      result: { hazards: found },
      working:
        found.length > 0
          ? found.map((id) => ({ text: `${hazards[id].name}: ${hazards[id].caution}` }))
          : [
              {
                text: `looked for, and not found: ${Object.values(hazards)
                  .map(({ name }) => name)
                  .join(', ')}`,
              },
            ],
      sources: [
        { kind: 'common-practice', text: 'Cautions of school kitchens; signs in the words of the step' },
      ],
      warnings: [
        ...(found.length === 0 ? ['None found in these words is not “none there”.'] : []),
        whoDecides,
      ],
    };
  },
});

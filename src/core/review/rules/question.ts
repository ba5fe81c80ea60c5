import { listed } from '../../format';
import { workingOf } from '../../working';
import type { Rule } from '../plan-remark';

/** A practical without a question is a recipe. */
export const questionIsAsked: Rule = ({ plan }) => {
  if (plan.question.trim() !== '') return [];
  const response = plan.responses[0];
  const changed = plan.factors.map((factor) => factor.name).filter((name) => name !== '');
  return [
    {
      id: 'question-missing',
      rank: 'check',
      at: { section: 'question' },
      what: 'No question yet',
      why: 'Students who know the question know what to look at. One sentence: what does the factor do to the response?',
      working: workingOf(['question = what changes + what is measured']),
      ...(changed.length > 0 &&
        response && {
          remedy: {
            label: 'ask it from the fair test',
            apply: (was) => ({
              ...was,
              question: `What ${changed.length > 1 ? 'do' : 'does'} ${listed(changed)} do to ${response.name}?`,
            }),
          },
        }),
    },
  ];
};

/** A prediction is only worth something when it is written before the run. */
export const predictionIsMade: Rule = ({ plan }) => {
  if (plan.prediction.trim() === '') {
    return [
      {
        id: 'prediction-missing',
        rank: 'note',
        at: { section: 'question' },
        what: 'No prediction yet',
        why: 'Written before the run it can be right or wrong; written after, only right.',
        working: workingOf(['Results sets the prediction beside the outcome.']),
      },
    ];
  }
  if (plan.reason.trim() !== '') return [];
  return [
    {
      id: 'reason-missing',
      rank: 'note',
      at: { section: 'question' },
      what: 'The prediction has no reason',
      why: 'Without “because …” it is a guess, and the outcome teaches nothing about the cause.',
      working: workingOf(['prediction + because + what is known']),
    },
  ];
};

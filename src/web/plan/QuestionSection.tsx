import { memo } from 'react';
import { Box } from '@chakra-ui/react';
import { planShape } from '../../core/practical';
import { longest } from '../../core/shape';
import { TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { Section } from '../ui/Section';
import { TagsLine } from './TagsLine';

/** The question, the prediction and its reason, as sentences. */
export const QuestionSection = memo(function QuestionSection() {
  const { plan, edit } = usePlan();
  return (
    <Section name="Question" anchor="question">
      <Box fontFamily="heading" fontSize="2xl" fontWeight="medium" lineHeight="1.25">
        <TextField
          label="Question"
          multiline
          most={longest(planShape.fields.question)}
          value={plan.question}
          placeholder="What do you want to find out?"
          onValue={(question) => edit('question', (was) => ({ ...was, question }))}
        />
      </Box>
      <Box mt="2" display="flex" flexWrap="wrap" columnGap="1.5" rowGap="1">
        <Box as="span" color="soft">
          We expect
        </Box>
        <TextField
          label="Prediction"
          most={longest(planShape.fields.prediction)}
          value={plan.prediction}
          placeholder="what will happen"
          chars={1}
          onValue={(prediction) => edit('prediction', (was) => ({ ...was, prediction }))}
        />
        <Box as="span" color="soft">
          because
        </Box>
        <TextField
          label="Reason"
          most={longest(planShape.fields.reason)}
          value={plan.reason}
          placeholder="of what is known"
          chars={1}
          onValue={(reason) => edit('reason', (was) => ({ ...was, reason }))}
        />
      </Box>
      <TagsLine />
    </Section>
  );
});

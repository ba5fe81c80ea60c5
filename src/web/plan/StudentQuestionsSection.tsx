import { memo } from 'react';
import { Box, Flex } from '@chakra-ui/react';
import { planShape, studentQuestionShape } from '../../core/practical';
import { isFull, longest } from '../../core/shape';
import { TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { AddLine, RemoveButton } from './line-tools';
import { Section } from './Section';

/** Questions that stand on the student’s sheet. */
export const StudentQuestionsSection = memo(function StudentQuestionsSection() {
  const { plan, edit } = usePlan();
  return (
    <Section name="For students">
      <Box as="ol" listStyleType="none">
        {plan.studentQuestions.map((question, i) => (
          <Box as="li" key={i}>
            <Flex gap="3" align="baseline" py="0.5" role="group">
              <Box color="soft" w="1.1rem">
                {String.fromCharCode(97 + i)}
              </Box>
              <Box flex="1">
                <TextField
                  label={`Question ${i + 1} for students`}
                  multiline
                  needed
                  most={longest(studentQuestionShape)}
                  value={question}
                  onValue={(text) =>
                    edit(`student-question-${i}`, (was) => ({
                      ...was,
                      studentQuestions: was.studentQuestions.map((one, j) => (j === i ? text : one)),
                    }))
                  }
                />
              </Box>
              <RemoveButton
                what={`question ${i + 1}`}
                onClick={() =>
                  edit('student-questions', (was) => ({
                    ...was,
                    studentQuestions: was.studentQuestions.filter((_, j) => j !== i),
                  }))
                }
              />
            </Flex>
          </Box>
        ))}
      </Box>
      <AddLine
        label="Add a question for students"
        most={longest(studentQuestionShape)}
        full={isFull(planShape.fields.studentQuestions, plan.studentQuestions)}
        placeholder="a question for students"
        onAdd={(text) =>
          edit('student-questions', (was) => ({ ...was, studentQuestions: [...was.studentQuestions, text] }))
        }
      />
    </Section>
  );
});

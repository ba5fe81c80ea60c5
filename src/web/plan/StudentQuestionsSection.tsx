import { memo } from 'react';
import { Box, Flex } from '@chakra-ui/react';
import { answerShape, planShape, studentQuestionShape, type Plan } from '../../core/practical';
import { isFull, longest } from '../../core/shape';
import { TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { AddLine, RemoveButton } from '../ui/line-tools';
import { withoutAt } from '../ui/lists';
import { Section } from '../ui/Section';

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
                  onValue={(text) => edit(`student-question-${i}`, (was) => withQuestion(was, i, text))}
                />
                <Box fontSize="sm" color="soft">
                  <TextField
                    label={`A good answer to question ${i + 1}`}
                    multiline
                    most={longest(answerShape.fields.answer)}
                    value={answerTo(plan, question)}
                    placeholder="what a good answer says (teacher’s sheet only)"
                    onValue={(answer) =>
                      edit(`answer-${i}`, (was) => withAnswer(was, was.studentQuestions[i]!, answer))
                    }
                  />
                </Box>
              </Box>
              <RemoveButton
                what={`question ${i + 1}`}
                onClick={() =>
                  edit('student-questions', (was) => ({
                    ...was,
                    answers: was.answers.filter((one) => one.question !== was.studentQuestions[i]),
                    studentQuestions: withoutAt(was.studentQuestions, i),
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

const answerTo = (plan: Plan, question: string): string =>
  plan.answers.find((one) => one.question === question)?.answer ?? '';

/** The plan with a question put otherwise; its answer goes with it. */
function withQuestion(plan: Plan, i: number, text: string): Plan {
  const before = plan.studentQuestions[i];
  return {
    ...plan,
    studentQuestions: plan.studentQuestions.map((one, j) => (j === i ? text : one)),
    answers: plan.answers.map((one) => (one.question === before ? { ...one, question: text } : one)),
  };
}

function withAnswer(plan: Plan, question: string, answer: string): Plan {
  const others = plan.answers.filter((one) => one.question !== question);
  return { ...plan, answers: answer === '' ? others : [...others, { question, answer }] };
}

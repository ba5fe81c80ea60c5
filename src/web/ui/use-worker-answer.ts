import { useEffect, useRef, useState } from 'react';

interface Asked<Q> {
  number: number;
  question: Q;
}

interface Answered<A> {
  number: number;
  answer: A;
}

/**
 * The answer of a worker to the last question, worked out beside the page: while a new one is worked out the last one stands.
 *
 * @param newWorker the same function each time: one worker lives as long as the page
 * @param question asked again whenever it is another object
 * @returns null before the first answer
 */
export function useWorkerAnswer<Q, A>(newWorker: () => Worker, question: Q): A | null {
  const [answer, setAnswer] = useState<A | null>(null);
  const worker = useRef<Worker>(null);
  const asked = useRef(0);
  useEffect(() => {
    const own = newWorker();
    own.onmessage = ({ data }: MessageEvent<Answered<A>>) => {
      if (data.number === asked.current) setAnswer(data.answer);
    };
    worker.current = own;
    return () => own.terminate();
  }, [newWorker]);
  useEffect(() => {
    asked.current += 1;
    const message: Asked<Q> = { number: asked.current, question };
    worker.current?.postMessage(message);
  }, [question]);
  return answer;
}

/** In the worker: answers what the page asks. */
export function answerQuestions<Q, A>(answerTo: (question: Q) => A): void {
  self.onmessage = ({ data: { number, question } }: MessageEvent<Asked<Q>>) => {
    const message: Answered<A> = { number, answer: answerTo(question) };
    self.postMessage(message);
  };
}

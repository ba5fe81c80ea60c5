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
 * @param subject what it is about: no answer stands under another subject
 * @returns null before the first answer
 */
export function useWorkerAnswer<Q, A>(newWorker: () => Worker, question: Q, subject: string): A | null {
  const [known, setKnown] = useState<{ subject: string; answer: A } | null>(null);
  const worker = useRef<Worker>(null);
  const asked = useRef(0);
  const about = useRef(subject);
  useEffect(() => {
    const own = newWorker();
    own.onmessage = ({ data }: MessageEvent<Answered<A>>) => {
      if (data.number === asked.current) setKnown({ subject: about.current, answer: data.answer });
    };
    worker.current = own;
    return () => own.terminate();
  }, [newWorker]);
  useEffect(() => {
    asked.current += 1;
    about.current = subject;
    const message: Asked<Q> = { number: asked.current, question };
    worker.current?.postMessage(message);
  }, [question, subject]);
  return known?.subject === subject ? known.answer : null;
}

/** In the worker: answers what the page asks. */
export function answerQuestions<Q, A>(answerTo: (question: Q) => A): void {
  self.onmessage = ({ data: { number, question } }: MessageEvent<Asked<Q>>) => {
    const message: Answered<A> = { number, answer: answerTo(question) };
    self.postMessage(message);
  };
}

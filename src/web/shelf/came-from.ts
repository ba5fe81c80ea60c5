import { useEffect, useRef } from 'react';

export type TypedField = HTMLInputElement | HTMLTextAreaElement;

const isTyped = (target: EventTarget | null): target is TypedField =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLInputElement &&
    !['checkbox', 'radio', 'file', 'button', 'submit'].includes(target.type));

/** Remembers the field that was typed in last, outside the shelf: where “use this here” puts a value. */
export function useFieldCameFrom() {
  const last = useRef<TypedField | null>(null);
  useEffect(() => {
    const remember = ({ target }: FocusEvent) => {
      if (isTyped(target) && !target.closest('[data-shelf], [role=dialog]')) last.current = target;
    };
    document.addEventListener('focusin', remember);
    return () => document.removeEventListener('focusin', remember);
  }, []);
  return () => (last.current?.isConnected && !last.current.readOnly ? last.current : null);
}

/** What a field is called. */
export function nameOf(field: TypedField): string {
  return field.getAttribute('aria-label') ?? field.labels?.[0]?.textContent ?? 'the field';
}

/** Puts text into a field as if it had been typed, so that whoever listens hears of it. */
export function typeInto(field: TypedField, text: string) {
  const prototype =
    field instanceof HTMLTextAreaElement ? HTMLTextAreaElement.prototype : HTMLInputElement.prototype;
  // React keeps its own value on the element: the native setter goes round it.
  Object.getOwnPropertyDescriptor(prototype, 'value')!.set!.call(field, text);
  field.dispatchEvent(new Event('input', { bubbles: true }));
  field.focus();
}

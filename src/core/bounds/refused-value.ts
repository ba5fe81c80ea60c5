/**
 * A value the core will not compute with. It names the field, the value given and what is allowed,
 * so that every door (form, wire, command line) can say the same thing.
 */
export class RefusedValue extends Error {
  readonly field: string;
  readonly value: unknown;
  readonly allowed: string;

  constructor(field: string, value: unknown, allowed: string) {
    super(`${field} is ${printable(value)}; allowed: ${allowed}`);
    this.name = 'RefusedValue';
    this.field = field;
    this.value = value;
    this.allowed = allowed;
  }

  /** The field as a JSON pointer: `acids[1].massG` is `/acids/1/massG`. */
  get pointer(): string {
    return `/${this.field.replace(/\[(\d+)\]/g, '/$1').replaceAll('.', '/')}`;
  }
}

function printable(value: unknown): string {
  if (typeof value === 'number') return String(value);
  if (value === undefined) return 'missing';
  let text: string;
  try {
    text = JSON.stringify(value) ?? typeof value;
  } catch {
    // Nested deeper than there is room to write it down, or a circle.
    return 'something that cannot be written down';
  }
  return text.length > 80 ? `${text.slice(0, 77)}…` : text;
}

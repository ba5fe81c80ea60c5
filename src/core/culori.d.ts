/** The part of culori that tests use as a second opinion. */
declare module 'culori' {
  interface Colour {
    mode: string;
    l: number;
    a?: number;
    b?: number;
  }
  export function parse(text: string): Colour | undefined;
  export function lab65(colour: Colour): Colour;
  export function differenceCiede2000(): (first: Colour, second: Colour) => number;
}

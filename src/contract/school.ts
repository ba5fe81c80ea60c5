/** The school, as every page may ask for it. */
export interface School {
  name: string;
  teacher: string;
  /** Whether this is the invented school that comes with the program. */
  demo: boolean;
  version: string;
}

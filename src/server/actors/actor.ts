/** Whoever asks for something. Routes are handed one of these, never a bare request. */
export type Actor = Nobody | TeacherActor | StationActor;

export interface Nobody {
  kind: 'nobody';
}

export interface TeacherActor {
  kind: 'teacher';
  /** `open` where nobody need sign in. */
  id: string;
  name: string;
  admin: boolean;
  /** The session they came by; null where nobody need sign in. */
  session: string | null;
}

/** A tablet that joined a station of a run. */
export interface StationActor {
  kind: 'station';
  pass: string;
  runId: string;
  station: number;
}

/**
 * What a route asks of whoever calls it: nothing; a tablet of the very station its address names, while it is let in, or a
 * teacher; a teacher who is signed in; a teacher who administers.
 */
export type Permission = 'anyone' | 'station' | 'teacher' | 'admin';

/** Who can be behind a route of such a permission. */
export type ActorFor<P extends Permission> = P extends 'anyone'
  ? Actor
  : P extends 'station'
    ? StationActor | TeacherActor
    : TeacherActor;

/**
 * Whether an actor may call a route.
 *
 * @param place the run and station the address names, where it names them
 */
export function allows(
  permission: Permission,
  actor: Actor,
  place: { id?: string; station?: string },
): boolean {
  switch (permission) {
    case 'anyone':
      return true;
    case 'admin':
      return actor.kind === 'teacher' && actor.admin;
    case 'teacher':
      return actor.kind === 'teacher';
    case 'station':
      return (
        actor.kind === 'teacher' ||
        (actor.kind === 'station' && actor.runId === place.id && String(actor.station) === place.station)
      );
  }
}

/** As the log and the book of deeds name an actor. */
export function authorOf(actor: Actor): string {
  switch (actor.kind) {
    case 'nobody':
      return 'nobody';
    case 'teacher':
      return `teacher:${actor.id}`;
    case 'station':
      return `station:${actor.pass}`;
  }
}

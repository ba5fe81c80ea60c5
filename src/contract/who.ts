import { about, flag, id, later, record, secret, text, type Of } from '../core/shape';
import { classOf } from './class-of';

/** Shortest passphrase, in characters: four short words are easily longer. */
export const shortestPassphrase = 12;

const passphrase = () =>
  about(
    `${shortestPassphrase} letters or more, spaces count; a few words you will remember`,
    secret(text(200, shortestPassphrase)),
  );
const teacherName = () => about('as it stands on prints', text(80, 1));
/** What is typed to get in: never said to be too short or too long, only right or wrong. */
const typed = () => secret(text(400));

/** The first teacher of a school, who shows by the code that they started the program. */
export const FirstTeacher = classOf(
  record('FirstTeacher', {
    code: about('the code in the window where the program was started', typed()),
    name: teacherName(),
    passphrase: passphrase(),
  }),
);

export const SignIn = classOf(record('SignIn', { name: typed(), passphrase: typed() }));

export const OtherPassphrase = classOf(record('OtherPassphrase', { was: typed(), passphrase: passphrase() }));

const newTeacherShape = record('NewTeacher', {
  id: id(),
  name: teacherName(),
  passphrase: about('to begin with; they change it', passphrase()),
  admin: later(false, flag()),
});
export const NewTeacher = classOf(newTeacherShape);
export type NewTeacher = Of<typeof newTeacherShape>;

/** A new passphrase for someone who forgot theirs. */
export const FreshPassphrase = classOf(record('FreshPassphrase', { passphrase: passphrase() }));

export const JoinStation = classOf(
  record('JoinStation', { code: about('the code of a station, as on its label', text(40)) }),
);

/** A body with nothing in it. */
export const Nothing = classOf(record('Nothing', {}));

/** Who the program takes the asker for. */
export interface Who {
  teacher: { id: string; name: string; admin: boolean } | null;
  /** Nobody need sign in: the program answers this machine alone and no passphrase has been set. */
  open: boolean;
  /** No teacher is there yet: the first sets a passphrase with the code from the console. */
  first: boolean;
}

/** A teacher as who administers sees them. */
export interface Teacher {
  id: string;
  name: string;
  admin: boolean;
  /** Their last sign-in, ms since 1970. */
  lastSeen: number | null;
}

/** Where a tablet that joined belongs. */
export interface Joined {
  runId: string;
  station: number;
}

/** A tablet that is in. */
export interface Pass {
  id: string;
  station: number;
  /** What it calls itself: “Chrome on Android”. */
  device: string;
  joinedAt: number;
  seenAt: number;
  /** It watches just now. */
  here: boolean;
}

/** How stations come in, and which are. */
export interface StationsIn {
  /** The code of each station; none where stations cannot join now. */
  codes: { station: number; code: string }[];
  passes: Pass[];
  /** Where the program is reached from other machines of the network; empty where it answers this one alone. */
  addresses: string[];
  /** Anyone who has the address of a station gets in without a code. */
  open: boolean;
}

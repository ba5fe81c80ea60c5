import type { Request, Response } from 'express';
import { v7 as uuid } from 'uuid';
import { routes } from '../../contract/routes';
import {
  FirstTeacher,
  FreshPassphrase,
  NewTeacher,
  Nothing,
  OtherPassphrase,
  SignIn,
  type Who,
} from '../../contract/who';
import type { Actor, TeacherActor } from '../actors/actor';
import type { Gate } from '../actors/gate';
import { cookieOptions, teacherCookie } from '../actors/tokens';
import { Problem, refusedField } from '../problems/problem';
import type { Attempts } from './attempts';
import { sessionLasts, type Sessions } from './sessions';
import { keyOf, type Teachers } from './teachers';

export interface TeacherParts {
  teachers: Teachers;
  sessions: Sessions;
  attempts: Attempts;
  /** Nobody need sign in just now. */
  isOpen(): Promise<boolean>;
  /** Some are in no longer: whatever they have open is closed. */
  ended(isGone: (actor: Actor) => boolean): void;
}

const addressOf = (request: Request) => request.socket.remoteAddress ?? '';

export function teacherRoutes(gate: Gate, parts: TeacherParts): void {
  doorRoutes(gate, parts);
  staffRoutes(gate, parts);
}

/** In, out, and who is there. */
function doorRoutes(gate: Gate, { teachers, sessions, attempts, isOpen, ended }: TeacherParts): void {
  const who = async (actor: Actor): Promise<Who> => ({
    teacher: actor.kind === 'teacher' ? { id: actor.id, name: actor.name, admin: actor.admin } : null,
    open: await isOpen(),
    first: !(await isOpen()) && !(await teachers.any()),
  });
  const letIn = async (request: Request, response: Response, id: string): Promise<Who> => {
    const token = await sessions.begin(id);
    response.cookie(teacherCookie, token, {
      ...cookieOptions(request, '/api'),
      maxAge: sessionLasts.inAllMs,
    });
    return who((await sessions.teacherOf(token)) ?? { kind: 'nobody' });
  };

  gate.route(
    { method: 'get', path: routes.who, may: 'anyone', says: 'Who the program takes the asker for' },
    ({ actor }) => who(actor),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.first, may: 'anyone', body: FirstTeacher, status: 201 },
      says: 'Sets the first teacher, with the code from the console where the program was started',
    },
    async ({ body, request, response }) => {
      if (await isOpen()) throw new Problem(409, 'Open', 'This program is open: nobody need sign in here.');
      const { code, name, passphrase } = body;
      const id = await attempts.make(addressOf(request), '', () =>
        teachers.addFirst(uuid(), code, name, passphrase),
      );
      if (id === null) {
        throw refusedField('/code', code, 'the code in the window where the program was started');
      }
      return letIn(request, response, id);
    },
  );
  gate.route(
    { method: 'post', path: routes.signIn, may: 'anyone', body: SignIn, says: 'Signs a teacher in' },
    async ({ body, request, response }) => {
      const { name, passphrase } = body;
      const id = await attempts.make(addressOf(request), keyOf(name), () => teachers.find(name, passphrase));
      if (id === null) {
        throw new Problem(403, 'Not known', 'No teacher of this school has this name and this passphrase.');
      }
      return letIn(request, response, id);
    },
  );
  gate.route(
    { method: 'post', path: routes.signOut, may: 'anyone', body: Nothing, says: 'Signs the teacher out' },
    async ({ actor, request, response }) => {
      if (actor.kind === 'teacher' && actor.session !== null) {
        const { session } = actor;
        await sessions.end(session);
        ended((one) => one.kind === 'teacher' && one.session === session);
      }
      response.clearCookie(teacherCookie, cookieOptions(request, '/api'));
      return who(actor.kind === 'teacher' && actor.session === null ? actor : { kind: 'nobody' });
    },
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.passphrase, may: 'teacher', body: OtherPassphrase },
      says: 'Changes one’s own passphrase; other sessions end',
    },
    async ({ body, actor, request }) => {
      const { was, passphrase } = body;
      refuseWhereOpen(actor);
      const right = await attempts.make(addressOf(request), keyOf(actor.name), () =>
        teachers.find(actor.name, was),
      );
      if (right !== actor.id) throw refusedField('/was', 'what you typed', 'your passphrase as it is now');
      await teachers.setPassphrase(actor.id, passphrase, actor.session);
      sessions.forget();
      ended((one) => one.kind === 'teacher' && one.id === actor.id && one.session !== actor.session);
      return who(actor);
    },
  );
}

/** Who administers looks after the others. */
function staffRoutes(gate: Gate, { teachers, sessions, ended }: TeacherParts): void {
  gate.route({ method: 'get', path: routes.teachers, may: 'admin', says: 'The teachers of the school' }, () =>
    teachers.all(),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.teachers, may: 'admin', body: NewTeacher, status: 201 },
      says: 'Adds a teacher with a passphrase to begin with',
    },
    async ({ body }) => {
      await teachers.add(body);
      return teachers.all();
    },
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.teacherClose(':id'), may: 'admin', body: Nothing },
      says: 'Lets a teacher in no longer; what they wrote stays',
    },
    async ({ actor, request }) => {
      const id = request.params.id as string;
      if (id === actor.id) throw new Problem(409, 'Yourself', 'You cannot close your own door.');
      await teachers.close(id);
      sessions.forget();
      ended((one) => one.kind === 'teacher' && one.id === id);
      return teachers.all();
    },
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.teacherPassphrase(':id'), may: 'admin', body: FreshPassphrase },
      says: 'Gives a teacher who forgot theirs a fresh passphrase; their sessions end',
    },
    async ({ body, request }) => {
      const id = request.params.id as string;
      await teachers.setPassphrase(id, body.passphrase);
      sessions.forget();
      ended((one) => one.kind === 'teacher' && one.id === id);
      return teachers.all();
    },
  );
}

function refuseWhereOpen(actor: TeacherActor) {
  if (actor.session === null) {
    throw new Problem(409, 'Open', 'This program is open: there is no passphrase to change.');
  }
}

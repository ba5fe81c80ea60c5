import type { SeededRandom } from '../random';
import { decode, type Blocks, type Failure, type Genes } from './decode';
import { blocksOf, firstInBlock, tailsOf, type Network } from './network';
import type { Placing } from './placing';
import { makespan, type Problem, type Schedule } from './problem';
import { pushedRight } from './pushed-right';

/** Moves after which the search cools down and begins again. */
const epoch = 300;
/** Tasks up to which it also begins from somewhere else. */
const roamingTasks = 80;

interface Found {
  schedule: Schedule;
  ends: number;
  /** Ends first, then how early everything is on the whole. */
  cost: number;
}

/** The search over what timetables are made from. */
export class Search {
  best: Found | null = null;
  tried = 0;
  readonly stuck: Failure = { block: -1, stuck: null };
  readonly #stuckAlone: Failure = { block: -1, stuck: null };
  readonly blocks: Blocks;
  /** Each task by itself, which finds what placing whole blocks does not, and now and then nothing. */
  readonly #single: Blocks;
  readonly #tails: number[];
  #bestGenes: Genes;

  constructor(
    readonly problem: Problem,
    readonly network: Network,
    readonly placing: Placing,
  ) {
    this.blocks = withFollowers(problem, network, blocksOf(problem, network));
    this.#single = withFollowers(
      problem,
      network,
      problem.tasks.map((_, task) => [task]),
    );
    this.#tails = tailsOf(problem, network);
    this.#bestGenes = this.#rankedBy(() => 0);
  }

  /** First timetables: the longest way left first, soonest first, as listed, and some between by lot. */
  byRules(random: SeededRandom, over: () => boolean): void {
    const { low } = this.placing.windows;
    const longest = Math.max(...this.#tails);
    const rules: ((task: number) => number)[] = [
      (task) => low[task]! - this.#tails[task]!,
      (task) => -this.#tails[task]!,
      (task) => low[task]!,
      (task) => task,
      ...Array.from(
        { length: 4 },
        () => (task: number) => 0.3 * longest * random.uniform() - this.#tails[task]!,
      ),
    ];
    for (const rule of rules) {
      this.#justified(this.#rankedBy(rule));
      if (over()) return;
    }
    // Where the rules find no room, orders and ovens by lot may, of whole blocks or of each task by itself.
    for (let i = 0; !this.best && i < 200 && !over(); i += 1) {
      const genes = this.#rankedBy(() => random.uniform());
      this.problem.tasks.forEach(({ oven }, task) => {
        if (oven) genes.oven[task] = Math.floor(random.uniform() * (this.problem.ovens.length + 1)) - 1;
      });
      if (i % 4 === 3) this.#tryAlone(genes);
      else this.#try(genes);
    }
  }

  /** Moves a few tasks of the best order and keeps what is no worse, now and then what is a little worse. */
  improve(random: SeededRandom, over: () => boolean): void {
    if (!this.best || this.problem.tasks.length < 2) return;
    const loose = this.blocks.members.some((members) => members.length > 1);
    // A large lesson needs all the time there is where it is; a small one has time to look elsewhere.
    const roams = this.problem.tasks.length <= roamingTasks;
    let genes = this.#bestGenes;
    let cost = this.best.cost;
    for (let step = 1; !over(); step += 1) {
      const next = this.#moved(genes, random);
      const alone = loose && roams && Math.floor(step / epoch) % 4 >= 2;
      const found = alone ? this.#tryAlone(next) : this.#try(next);
      const warmth = Math.max(0.5, 0.003 * this.best.cost) * Math.max(0, 1 - (step % epoch) / (0.8 * epoch));
      if (
        found &&
        (found.cost <= cost || random.uniform() < Math.exp((cost - found.cost) / (warmth + 1e-9)))
      ) {
        genes = next;
        cost = found.cost;
      }
      if (step % epoch === 0) {
        // Every other time from somewhere else, for the best may lie across a ridge.
        const fresh = roams && (step / epoch) % 2 === 1;
        genes = fresh ? this.#fresh(random) : this.#bestGenes;
        cost = fresh ? Infinity : this.best.cost;
      }
      if (found && step % 25 === 0) {
        const ranked = this.#rightRanks(found.schedule);
        const again = alone ? this.#tryAlone(ranked) : this.#try(ranked);
        if (again && again.cost <= cost) {
          genes = ranked;
          cost = again.cost;
        }
      }
    }
  }

  #try(genes: Genes): Found | null {
    this.tried += 1;
    const schedule = decode(this.placing, this.blocks, genes, this.stuck);
    if (schedule) return this.#judged(schedule, genes);
    // What found no room goes first next time.
    const first = genes.rank.reduce((least, rank) => Math.min(least, rank), 0) - 1;
    for (const task of this.blocks.members[this.stuck.block]!) genes.rank[task] = first;
    return null;
  }

  /** Each task by itself; what a task waits for too long is held back and all tried again, a few times. */
  #tryAlone(genes: Genes): Found | null {
    for (let again = 0; again < 6; again += 1) {
      this.tried += 1;
      const schedule = decode(this.placing, this.#single, genes, this.#stuckAlone);
      if (schedule) return this.#judged(schedule, genes);
      const { stuck } = this.#stuckAlone;
      if (!stuck || stuck.short === Infinity || stuck.heldBy < 0) return null;
      genes.hold[stuck.heldBy]! += stuck.short;
    }
    return null;
  }

  #judged(schedule: Schedule, genes: Genes): Found {
    const ends = makespan(this.problem, schedule);
    const mean = schedule.starts.reduce((sum, start) => sum + start, 0) / schedule.starts.length;
    const found = { schedule, ends, cost: ends + mean / 50 };
    if (!this.best || found.cost < this.best.cost) {
      this.best = found;
      this.#bestGenes = copyOf(genes);
    }
    return found;
  }

  /** A timetable from these ranks, tried again where a block found no room, then pushed right and left. */
  #justified(genes: Genes): void {
    let found = this.#try(genes);
    for (let again = 0; !found && again < 40; again += 1) found = this.#try(genes);
    for (let i = 0; found && i < 3; i += 1) {
      const next: Found | null = this.#try(this.#rightRanks(found.schedule));
      if (!next || next.cost >= found.cost) return;
      found = next;
    }
  }

  #fresh(random: SeededRandom): Genes {
    const longest = Math.max(...this.#tails);
    return this.#rankedBy((task) => longest * random.uniform() - this.#tails[task]!);
  }

  /** Ranks by the last starts of a timetable. */
  #rightRanks({ starts }: Schedule): Genes {
    const right = pushedRight(this.problem, this.network, starts);
    return this.#rankedBy((task) => right[task]!);
  }

  #rankedBy(rule: (task: number) => number): Genes {
    const count = this.problem.tasks.length;
    return {
      rank: Float64Array.from({ length: count }, (_, task) => rule(task)),
      oven: new Int8Array(count).fill(-1),
      hold: new Int16Array(count),
    };
  }

  /** Genes with one task or a few moved, most often by taking another’s place. */
  #moved(genes: Genes, random: SeededRandom): Genes {
    const next = copyOf(genes);
    const { tasks, ovens } = this.problem;
    const upTo = (count: number) => Math.floor(random.uniform() * count);
    const times = 1 + Math.floor(3 * random.uniform() ** 2);
    for (let i = 0; i < times; i += 1) {
      const one = upTo(tasks.length);
      const other = upTo(tasks.length);
      const drawn = random.uniform();
      if (drawn < 0.45) {
        const was = next.rank[one]!;
        next.rank[one] = next.rank[other]!;
        next.rank[other] = was;
      } else if (drawn < 0.85) next.rank[one] = next.rank[other]! + (random.uniform() - 0.5) * 0.5;
      else if (drawn < 0.93 && tasks[one]!.oven) next.oven[one] = upTo(ovens.length + 1) - 1;
      else next.hold[one] = next.hold[one]! > 0 ? 0 : upTo(10);
    }
    return next;
  }
}

const copyOf = ({ rank, oven, hold }: Genes): Genes => ({
  rank: rank.slice(),
  oven: oven.slice(),
  hold: hold.slice(),
});

function withFollowers(problem: Problem, network: Network, members: number[][]): Blocks {
  const blockOf: number[] = [];
  members.forEach((block, b) => block.forEach((task) => (blockOf[task] = b)));
  const followers = members.map(() => new Set<number>());
  for (const { before, after, gap } of problem.arcs) {
    // A most-lag lets nobody wait; of two that start together the first goes first.
    const together = gap === 0 && before > after;
    if (gap < 0 || together || blockOf[before] === blockOf[after]) continue;
    followers[blockOf[before]!]!.add(blockOf[after]!);
  }
  const waitsFor = members.map(() => 0);
  followers.forEach((set) => set.forEach((block) => (waitsFor[block]! += 1)));
  return {
    members,
    first: firstInBlock(members, problem.arcs, network),
    followers: followers.map((set) => [...set]),
    waitsFor,
    fixed: members.map((block) => block.some((task) => problem.tasks[task]!.latest !== Infinity)),
  };
}

import type { Climate } from '../core/air/climate.ts';
import { climates } from '../core/job/commands/climates.ts';
import { crew } from '../core/job/commands/crew.ts';
import { rooms } from '../core/job/commands/rooms.ts';
import type { Painter } from '../core/job/document/crew-schema.ts';
import { ALL_ALONG } from '../core/job/document/new-job.ts';
import type { Room } from '../core/job/document/room-schema.ts';
import { applyCommand, type CommandArgs, type CommandName } from '../core/job/commands/apply.ts';
import { progressByTask } from '../core/job/progress.ts';
import type { Piece, StatedPiece } from '../core/job/document/piece-schema.ts';
import { groupOf } from '../core/job/queries/groups.ts';
import type { LogEntry } from '../core/job/document/log-schema.ts';
import type { FinishGroup } from '../core/job/document/group-schema.ts';
import type { Job } from '../core/job/document/schema.ts';
import type { PaceKey } from '../core/job/document/crew-schema.ts';
import type { OpenedTin } from '../core/job/document/tin-schema.ts';
import type { Patch } from '../core/job/document/finding-schema.ts';
import { knownOf } from '../core/build-up/build-up-review.ts';
import { offerFor } from '../core/choosing/offer.ts';
import type { FoundId } from '../core/pieces/found.ts';
import { moistureResult } from '../core/surface-tests/surface-tests.ts';
import { localIso, localTime, minutesSince } from '../core/job/site-time.ts';
import { readLine } from '../core/typing/typed-line/read-line.ts';
import { compareCosts } from '../core/scheduling/aim.ts';
import { acceptedPlan } from '../core/planning/revising/accept.ts';
import { boundWords } from '../core/planning/reading/bound-words.ts';
import { jobToProblem } from '../core/planning/drafting/job-to-problem.ts';
import { isCoat } from '../core/steps/wetness/current-coats.ts';
import { paceKeyOf } from '../core/steps/learnt-paces.ts';
import type { PieceStep } from '../core/steps/step.ts';
import { siteWorkOf } from '../core/planning/drafting/site-work.ts';
import { solve } from '../core/scheduling/solve/solve.ts';
import { verify } from '../core/scheduling/verify.ts';
import { wetFilm } from '../core/shelf/film.ts';
import { SKILL_FACTOR } from '../core/quantities/pace.ts';
import { colourOfCoat, notedWith } from '../core/running/applied-coats.ts';
import type { StrokeChoice } from '../core/job/document/stroke-schema.ts';
import { usualOptions } from '../core/sequence/usual-options.ts';

/** How this crew's own pace differs from the usual one. */
const OWN_PACE: Readonly<Partial<Record<PaceKey, number>>> = {
  hardware: 0.9,
  abrade: 1.22,
  wash: 1.05,
  brush: 1.16,
  roller: 1.12,
  fill: 1.3,
};

/** Minutes by which a tin is opened before it is needed. */
const MINUTES_TO_STIR = 10;

/** A tin as it is opened, and how many days after the first use of its product. */
export type Tin = Pick<OpenedTin, 'id' | 'product' | 'hex' | 'batch' | 'litres'> &
  Partial<OpenedTin> & { afterDays?: number };

/** A demo job told as a painter would have made it: command by command, plan by plan, stamp by stamp. */
export class Story {
  job: Job;
  #stamps = 0;
  #findings = 0;

  constructor(job: Job) {
    this.job = job;
  }

  /** Gives a command; a refusal is a fault of the story. */
  tell<N extends CommandName>(name: N, args: CommandArgs<N>): this {
    const outcome = applyCommand(this.job, name, args);
    if (!outcome.ok) throw new Error(`${name}: ${outcome.message}`);
    this.job = outcome.value.job;
    return this;
  }

  /** States a room: one that the new job begins with becomes this one, any other is added. */
  room(entry: Room): this {
    const before = this.job.rooms.find(({ id }) => id === entry.id);
    if (!before) return this.tell('add-room', { entry });
    return this.tell('change-room', { id: entry.id, facts: rooms.facts.difference(before, entry) });
  }

  /** The same of a climate. */
  climate(entry: Climate): this {
    const before = this.job.climates.find(({ id }) => id === entry.id);
    if (!before) return this.tell('add-climate', { entry });
    return this.tell('change-climate', { id: entry.id, facts: climates.facts.difference(before, entry) });
  }

  /** The same of a painter. */
  painter(entry: Omit<Painter, keyof typeof ALL_ALONG>): this {
    const before = this.job.crew.find(({ id }) => id === entry.id);
    if (!before) return this.tell('add-painter', { entry: { ...entry, ...ALL_ALONG } });
    const facts = crew.facts.difference(before, { ...entry, ...ALL_ALONG });
    return this.tell('change-painter', { id: entry.id, facts });
  }

  /** Types a line on the walk; its pieces get the ids `prefix-1`, `prefix-2` and so on, and facts that no line can say. */
  type(line: string, prefix: string, facts: Partial<Omit<StatedPiece, 'roomId' | 'shape'>> = {}): this {
    const { units } = this.job.settings;
    const read = readLine(line, { units, rooms: this.job.rooms, roomId: this.job.rooms[0]?.id ?? '' });
    if (!read.ok) throw new Error(`${line}: ${read.message}`);
    for (const { question } of read.asked) throw new Error(`${line}: ${question}`);
    const pieces = read.places.map(({ room, note }, index) => {
      if (!('id' in room)) throw new Error(`${line}: there is no room ${room.name}.`);
      const piece = { ...read.piece, note, ...facts, roomId: room.id };
      return { id: `${prefix}-${index + 1}`, kind: read.kind, piece };
    });
    return this.tell('survey', { rooms: [], pieces });
  }

  /** Stamps what was found on a piece's group: results, a moisture reading in %, or the old colour as hex. */
  prove(pieceId: string, where: string, found: Readonly<Partial<Record<FoundId, string | number>>>): this {
    const groupId = this.#groupOf(pieceId).id;
    for (const [id, shown] of Object.entries(found) as [FoundId, string | number][]) {
      const reading = typeof shown === 'number' ? shown : null;
      const hex = id === 'old-colour' ? String(shown) : null;
      const result = reading !== null ? moistureResult(reading) : hex !== null ? 'seen' : String(shown);
      const stamp = ++this.#findings;
      const at = `2027-02-26T${String(9 + Math.floor(stamp / 12)).padStart(2, '0')}:${String((stamp % 12) * 5).padStart(2, '0')}`;
      this.tell('add-finding', {
        entry: {
          id: `finding-${stamp}`,
          groupId,
          found: id,
          result,
          reading,
          hex,
          at,
          where,
          photoId: null,
          note: '',
        },
      });
    }
    return this;
  }

  /** A test patch of one coat that was laid on the walk and read on the first morning. */
  patch(pieceId: string, where: string, key: Patch['key'], product: string, held: boolean): this {
    return this.tell('add-patch', {
      entry: {
        id: `patch-${pieceId}`,
        groupId: this.#groupOf(pieceId).id,
        where,
        key,
        coats: [{ product, at: '2027-02-26T14:30' }],
        read: { at: '2027-03-01T07:00', held },
        note: '',
      },
    });
  }

  /** Takes a piece out of its group into one of its own. */
  split(pieceId: string, name: string): this {
    return this.tell('split-group', { groupId: this.#groupOf(pieceId).id, pieceIds: [pieceId], name });
  }

  /** Names a group and its colours, and chooses the best of what is offered with a topcoat, and with a primer if one is named. */
  choose(
    pieceId: string,
    name: string,
    wish: Pick<FinishGroup, 'colour'> &
      Partial<Pick<FinishGroup, 'backColour' | 'schools'>> & {
        topcoat: string;
        primer?: string;
      },
  ): this {
    const { topcoat, primer, ...facts } = wish;
    this.tell('change-group', { groupId: this.#groupOf(pieceId).id, name, ...facts });
    const group = this.#groupOf(pieceId);
    const best = offerFor(this.job, group).permitted.find(({ candidate }) => {
      const { coats, faceCoats } = candidate.buildUp;
      const products = [...coats, ...(faceCoats.back ?? [])].map(({ product }) => product);
      return products.includes(topcoat) && (primer === undefined || products.includes(primer));
    });
    if (best === undefined) throw new Error(`Nothing with ${topcoat} is permitted on ${name}.`);
    const { buildUp } = best.candidate;
    return this.tell('choose-build-up', { groupId: group.id, buildUp, chosenFor: knownOf(this.job, group) });
  }

  /** Chooses how pieces like this one take a product, other than the usual way. */
  paint(pieceId: string, product: string, how: Partial<StrokeChoice>): this {
    const piece = this.job.pieces.find(({ id }) => id === pieceId);
    const group = this.#groupOf(pieceId);
    const usual = piece && usualOptions(piece, 'brush');
    if (!piece || !usual) throw new Error(`There is no piece ${pieceId}.`);
    return this.tell('choose-strokes', {
      ...usual,
      groupId: group.id,
      kind: piece.kind,
      product,
      painters: 1,
      conditioner: false,
      breaks: false,
      order: null,
      ...how,
    });
  }

  #groupOf(pieceId: string): FinishGroup {
    const piece = this.job.pieces.find(({ id }) => id === pieceId);
    const group = piece && groupOf(this.job, piece);
    if (group === undefined) throw new Error(`There is no piece ${pieceId}.`);
    return group;
  }

  /** Plans from `now` and accepts the plan. */
  plan(now: string, reason: string): this {
    const made = jobToProblem(this.job, now);
    const { problem } = made;
    const when = (tick: number): string =>
      localTime(problem.t0, tick, this.job.site.timeZone).toFormat('ccc d LLL, HH:mm');
    const { plan: accepted } = this.job;
    // As the application does: two look for a plan, each by its own chances, one of them from what was accepted.
    const plans = [1, 2].map((seed) => {
      let because = '';
      const solution = solve(problem, {
        seed,
        ...(seed === 1 && accepted !== null ? { from: accepted.tasks } : {}),
        onBound: (bound) => (because = boundWords(this.job, made, bound.because, when)),
      });
      if (solution.status === 'infeasible') throw new Error(JSON.stringify(solution.reasons));
      return { solution, because };
    });
    const [best] = plans.sort((one, other) => compareCosts(one.solution.cost, other.solution.cost));
    if (!best) throw new Error('Nothing was planned.');
    const { solution, because } = best;
    const broken = verify(problem, solution);
    if (broken.length > 0) throw new Error(JSON.stringify(broken));
    return this.tell('accept-plan', { plan: acceptedPlan(this.job, problem, solution, { at: now, reason, because }) });
  }

  /** Finds the coat that was put on last still tacky, and plans again because of it. */
  tacky(at: string): this {
    const coat = this.job.log.findLast(({ event, taskId }) => event === 'done' && taskId.includes('/coat-'));
    const piece = this.job.pieces.find(({ id }) => coat?.taskId.startsWith(`${id}/`));
    if (!coat || !piece) throw new Error('There is no coat yet.');
    const id = `stamp-${++this.#stamps}`;
    return this.tell('stamp', {
      entries: [{ id, at, taskId: coat.taskId, event: 'tacky', by: coat.by, minutes: null }],
    }).plan(at, `${piece.mark} still tacky after a cold night`);
  }

  /** Counts the hardware of every piece that is off into its bag; one bag is short of something. */
  bagWhatIsOff(lost: { id: string; item: number; short: number }): this {
    for (const entry of this.job.log.filter(({ taskId, event }) => event === 'done' && taskId.endsWith('/take-off'))) {
      const piece = this.job.pieces.find(({ id }) => entry.taskId.startsWith(`${id}/`));
      piece?.hardware.forEach(({ count }, item) => {
        const short = piece.id === lost.id && item === lost.item ? lost.short : 0;
        this.tell('count-hardware', { id: piece.id, item, bagged: count - short });
      });
    }
    return this;
  }

  /** What a step took: timed by most stamps, at this crew's own pace; as planned where nobody pressed Start. */
  #timed(
    step: PieceStep | undefined,
    by: string | null,
    { start, end }: { start: number; end: number },
  ): Pick<LogEntry, 'minutes' | 'isMeasured'> {
    const skill = this.job.crew.find(({ id }) => id === by)?.skill;
    if (!step || !skill || this.#stamps % 6 === 0) return { minutes: end - start };
    const noise = 1 + ((this.#stamps % 5) - 2) * 0.04;
    const minutes = step.minutes * SKILL_FACTOR[skill] * (OWN_PACE[paceKeyOf(step)] ?? 1) * noise;
    return { minutes: Math.max(0.1, Math.round(minutes * 10) / 10), isMeasured: true };
  }

  /**
   * Opens tins, each some minutes before the plan first needs its product in its colour, or so many days after that; what
   * is poured together with others names them. One that is not needed before `until` stays shut, and one that is open stays so.
   */
  openAsNeeded(tins: readonly Tin[], until: string): this {
    const { plan, site } = this.job;
    if (plan === null) throw new Error('There is no plan to open tins for.');
    const { steps } = jobToProblem(this.job, `${this.job.planning.start}T00:00`);
    for (const { afterDays = 0, ...tin } of tins) {
      if (this.job.tins.some(({ id }) => id === tin.id)) continue;
      const uses = plan.tasks.flatMap(({ id, start }) => {
        const step = steps.get(id);
        if (!step || !isCoat(step) || step.coat.coating.id !== tin.product) return [];
        return colourOfCoat(this.job, step) === tin.hex ? [start] : [];
      });
      const from = Math.min(...uses) + afterDays * 1440;
      const next = Math.min(...uses.filter((start) => start >= from));
      if (next === Infinity) continue;
      const openedAt = localIso(localTime(plan.t0, next - MINUTES_TO_STIR, site.timeZone));
      if (openedAt >= until) continue;
      this.tell('add-tin', { entry: { boxedWith: [], seen: null, emptiedAt: null, end: null, ...tin, openedAt } });
    }
    return this;
  }

  /** The front of such a piece that got a topcoat last before `until`, by its stamp; with the wet film that its tin states, µm. */
  lastFront(
    until: string,
    is: (piece: Piece) => boolean = () => true,
  ): { piece: Piece; taskId: string; at: string; stated: number } {
    const { steps } = jobToProblem(this.job, `${until.slice(0, 10)}T00:00`);
    for (const { event, at, taskId } of [...this.job.log].reverse()) {
      const step = steps.get(taskId);
      if (event !== 'done' || at >= until || !step || !isCoat(step) || !is(step.piece)) continue;
      const { coat, coating, faces } = step.coat;
      const stated = wetFilm(coating.volumeSolids, coating.dryFilm, coat.thinning);
      if (coating.role === 'topcoat' && faces.includes('front')) return { piece: step.piece, taskId, at, stated };
    }
    throw new Error(`No front has a topcoat by ${until}.`);
  }

  /** Stamps everything that the plan has finished by `until`, each `lag` minutes after it was due. */
  workUntil(until: string, lag: (stamped: number) => number): this {
    const { plan, site } = this.job;
    if (plan === null) throw new Error('There is no plan to work by.');
    const now = minutesSince(plan.t0, until, site.timeZone);
    const progress = progressByTask(this.job.log);
    const over = plan.tasks.filter(({ painters, end }) => painters.length > 0 && end <= now);
    const made = jobToProblem(this.job, `${until.slice(0, 10)}T00:00`);
    const onSite = siteWorkOf(this.job, over);
    for (const { of, end } of onSite.filter((work) => work.doneAt === null)) {
      const at = localIso(localTime(plan.t0, end, site.timeZone));
      if (of.kind === 'room') this.tell('tick-room-task', { roomId: of.roomId, taskId: of.taskId, doneAt: at });
      else this.tell('switch-heating', { climateId: of.climateId, onSince: at });
    }
    const entries = over
      .filter(({ id }) => !onSite.some((work) => work.id === id) && !progress.get(id)?.doneAt)
      .sort((one, other) => one.end - other.end)
      .map((task) => {
        const at = localIso(localTime(plan.t0, Math.min(now, task.end + lag(this.#stamps)), site.timeZone));
        const by = task.painters[0] ?? null;
        const id = `stamp-${++this.#stamps}`;
        const step = made.steps.get(task.id);
        return {
          id,
          at,
          taskId: task.id,
          event: 'done' as const,
          by,
          ...this.#timed(step, by, task),
          ...(step ? notedWith(this.job, made.clocks, step, at) : {}),
        };
      });
    return entries.length > 0 ? this.tell('stamp', { entries }) : this;
  }
}

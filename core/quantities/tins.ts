/** A tin on sale: litres and price. */
export interface TinSize {
  litres: number;
  price: number;
}

/** What to buy for a need. */
export interface TinChoice {
  /** Litres of each tin, smallest first. */
  tins: number[];
  cost: number;
  leftOver: number;
}

interface Cover {
  cents: number;
  count: number;
  millilitres: number;
  last: number;
}

/**
 * The cheapest tins that hold at least `need` litres, from the sizes on sale; exact, by dynamic programming over
 * millilitres. Equal cost breaks to fewer tins, then to less left over. Need up to 2,000 L; sizes to the millilitre,
 * prices to the cent. No sizes, or a negative or non-finite need, throw a RangeError.
 */
export function cheapestTins(need: number, sizes: readonly TinSize[]): TinChoice {
  if (!Number.isFinite(need) || need < 0 || need > 2000) {
    throw new RangeError(`${need} L – must be 0 to 2,000 L.`);
  }
  const volumes = sizes.map((size) => Math.round(size.litres * 1000));
  if (volumes.length === 0 || volumes.some((volume) => volume <= 0)) {
    throw new RangeError('Tin sizes must be above 0.');
  }
  // A hair of rounding must not buy another tin.
  const needed = Math.ceil(need * 1000 - 1e-6);
  const unit = volumes.reduce(greatestCommonDivisor);
  const steps = Math.ceil(needed / unit);
  const covers: Cover[] = [{ cents: 0, count: 0, millilitres: 0, last: -1 }];
  for (let step = 1; step <= steps; step++) {
    const options = volumes.flatMap((volume, index): Cover[] => {
      const rest = covers[Math.max(0, step - volume / unit)];
      if (rest === undefined) return [];
      const cents = rest.cents + Math.round((sizes[index]?.price ?? 0) * 100);
      return [{ cents, count: rest.count + 1, millilitres: rest.millilitres + volume, last: index }];
    });
    const [first, ...others] = options;
    if (first) covers.push(others.reduce((best, cover) => (isBetter(cover, best) ? cover : best), first));
  }
  const tins: number[] = [];
  for (let step = steps; step > 0;) {
    const index = covers[step]?.last ?? -1;
    tins.push(sizes[index]?.litres ?? 0);
    step = Math.max(0, step - (volumes[index] ?? step * unit) / unit);
  }
  const chosen = covers[steps];
  return {
    tins: tins.sort((one, other) => one - other),
    cost: (chosen?.cents ?? 0) / 100,
    leftOver: ((chosen?.millilitres ?? 0) - need * 1000) / 1000,
  };
}

/** The cheapest tins for a need, and what one would buy instead of them; null when there is nothing else. */
export interface TinChoices {
  best: TinChoice;
  second: TinChoice | null;
}

/**
 * The cheapest tins, and the cheapest of all other sets of tins of which none could be left out; exact, by trying every
 * such set that could still be cheaper. Arguments and refusals as in {@link cheapestTins}.
 */
export function tinChoices(need: number, sizes: readonly TinSize[]): TinChoices {
  const best = cheapestTins(need, sizes);
  const bestKey = best.tins.join();
  const sorted = [...new Map(sizes.map((size) => [size.litres, cheaper(sizes, size)])).values()].sort(
    (one, other) => other.litres - one.litres,
  );
  const perLitre = Math.min(...sorted.map(({ litres, price }) => price / litres));
  let second: TinChoice | null = null;
  const visit = (index: number, tins: readonly TinSize[], litres: number, cost: number): void => {
    if (litres >= need - 1e-9) {
      // Tins come largest first: if the last can be left out, or any, it is no choice but a waste.
      if (tins.some((tin) => litres - tin.litres >= need - 1e-9)) return;
      const choice = {
        tins: tins.map((tin) => tin.litres).sort((one, other) => one - other),
        cost,
        leftOver: litres - need,
      };
      if (choice.tins.join() !== bestKey && (second === null || isCheaperChoice(choice, second))) second = choice;
      return;
    }
    if (second !== null) {
      // What is missing costs at least so much, and takes at least so many tins.
      const least = cost + (need - litres) * perLitre;
      const count = tins.length + Math.ceil((need - litres) / (sorted[0]?.litres ?? 1) - 1e-9);
      if (least > second.cost + 1e-9) return;
      if (least > second.cost - 1e-9 && count > second.tins.length) return;
    }
    for (let next = index; next < sorted.length; next++) {
      const size = sorted[next];
      if (size) visit(next, [...tins, size], litres + size.litres, cost + size.price);
    }
  };
  visit(0, [], 0, 0);
  return { best, second };
}

const cheaper = (sizes: readonly TinSize[], { litres }: TinSize): TinSize =>
  sizes.filter((size) => size.litres === litres).reduce((least, size) => (size.price < least.price ? size : least));

function isCheaperChoice(one: TinChoice, other: TinChoice): boolean {
  if (Math.abs(one.cost - other.cost) > 1e-9) return one.cost < other.cost;
  if (one.tins.length !== other.tins.length) return one.tins.length < other.tins.length;
  return one.leftOver < other.leftOver;
}

function isBetter(one: Cover, other: Cover): boolean {
  if (one.cents !== other.cents) return one.cents < other.cents;
  if (one.count !== other.count) return one.count < other.count;
  return one.millilitres < other.millilitres;
}

function greatestCommonDivisor(one: number, other: number): number {
  return other === 0 ? one : greatestCommonDivisor(other, one % other);
}

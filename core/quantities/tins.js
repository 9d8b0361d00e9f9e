/**
 * The cheapest tins that hold at least `need` litres, from the sizes on sale; exact, by dynamic programming over
 * millilitres. Equal cost breaks to fewer tins, then to less left over. Need up to 2,000 L; sizes to the millilitre,
 * prices to the cent. No sizes, or a negative or non-finite need, throw a RangeError.
 */
export function cheapestTins(need, sizes) {
  if (!Number.isFinite(need) || need < 0 || need > 2000) {
    throw new RangeError(`A need lies between 0 and 2,000 L, not ${need}.`);
  }
  const volumes = sizes.map((size) => Math.round(size.litres * 1000));
  if (volumes.length === 0 || volumes.some((volume) => volume <= 0)) {
    throw new RangeError('Tins need a size above nothing.');
  }
  // A hair of rounding must not buy another tin.
  const needed = Math.ceil(need * 1000 - 1e-6);
  const unit = volumes.reduce(greatestCommonDivisor);
  const steps = Math.ceil(needed / unit);
  const covers = [{ cents: 0, count: 0, millilitres: 0, last: -1 }];
  for (let step = 1; step <= steps; step++) {
    const options = volumes.flatMap((volume, index) => {
      const rest = covers[Math.max(0, step - volume / unit)];
      if (rest === undefined) return [];
      const cents = rest.cents + Math.round((sizes[index]?.price ?? 0) * 100);
      return [{ cents, count: rest.count + 1, millilitres: rest.millilitres + volume, last: index }];
    });
    const [first, ...others] = options;
    if (first) covers.push(others.reduce((best, cover) => (isBetter(cover, best) ? cover : best), first));
  }
  const tins = [];
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
function isBetter(one, other) {
  if (one.cents !== other.cents) return one.cents < other.cents;
  if (one.count !== other.count) return one.count < other.count;
  return one.millilitres < other.millilitres;
}
function greatestCommonDivisor(one, other) {
  return other === 0 ? one : greatestCommonDivisor(other, one % other);
}

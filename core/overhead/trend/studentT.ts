/**
 * The value that Student's t with so many degrees of freedom lies within, either way of nothing, by a
 * given share of chance. By the finite sums for whole degrees of freedom, halved until it no longer moves.
 * @example studentWithin(0.9, 4) // 2.132
 */
export function studentWithin(share: number, freedom: number): number {
  let low = 0;
  let high = 1;
  while (shareWithin(high, freedom) < share) high *= 2;
  for (let halving = 0; halving < 100; halving += 1) {
    const middle = (low + high) / 2;
    if (shareWithin(middle, freedom) < share) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** What share of chance lies between −t and t. */
function shareWithin(t: number, freedom: number): number {
  const theta = Math.atan(t / Math.sqrt(freedom));
  const cosine = Math.cos(theta);
  const odd = freedom % 2 === 1;
  let term = odd ? cosine : 1;
  let sum = freedom === 1 ? 0 : term;
  for (let k = odd ? 3 : 2; k < freedom; k += 2) {
    term *= ((k - 1) / k) * cosine * cosine;
    sum += term;
  }
  const sine = Math.sin(theta) * sum;
  return odd ? (2 / Math.PI) * (theta + sine) : sine;
}

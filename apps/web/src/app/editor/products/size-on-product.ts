/** A length on a product for people: tenths of a millimetre below a hundred. @param mm - as it is */
export function sizeOnProduct(mm: number): string {
  return String(Number(mm.toFixed(mm < 100 ? 1 : 0)));
}

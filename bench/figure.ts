/** Prints one figure as `name value unit`. */
export function figure(name: string, value: number, unit: string): void {
  console.log(`${name} ${Number(value.toPrecision(3))} ${unit}`);
}

/** The pot that every drawing of a batch shares, in the units of its view box. */
export const KETTLE = {
  width: 590,
  height: 440,
  left: 40,
  right: 420,
  rim: 150,
  base: 400,
} as const;

/** Outline of the pot’s inside, from the left rim round to the right one. */
export const kettlePath = (top: number): string => {
  const { left, right, base } = KETTLE;
  return `M${left} ${top} V${base - 34} Q${left} ${base} ${left + 34} ${base} H${right - 34} Q${right} ${base} ${right} ${base - 34} V${top}`;
};

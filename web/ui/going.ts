let elsewhere = false;

/** Notes whether a press for another screen is on its way: the code of that may still be fetched. */
export function noteGoing(isGoing: boolean): void {
  elsewhere = isGoing;
}

/** Whether somebody has pressed for another screen that is not there yet. */
export const isGoing = (): boolean => elsewhere;

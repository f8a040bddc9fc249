import { textOf } from '@idle-kettle/words';
import { taskInWords, type Task } from '@idle-kettle/core/today';
import { useEffect, useState } from 'react';

const KEY = 'kettle.notices';

const isThere = (): boolean => 'Notification' in globalThis;

/** Whether a browser can tell of what is due, and was asked to. */
export function useNotices(tasks: readonly Task[], nowMs: number) {
  const [isOn, setOn] = useState(
    () => isThere() && Notification.permission === 'granted' && localStorage.getItem(KEY) === 'on',
  );
  useEffect(() => {
    if (!isOn) return undefined;
    const aheadMs = Date.now() - nowMs;
    const timers = tasks
      .filter(({ dueMs, isNow }) => !isNow && dueMs - nowMs < LONGEST_MS)
      .map((task) =>
        setTimeout(
          () => new Notification(textOf(taskInWords(task)), { tag: task.id }),
          Math.max(0, task.dueMs + aheadMs - Date.now()),
        ),
      );
    return () => timers.forEach(clearTimeout);
  }, [isOn, tasks, nowMs]);
  return {
    canTell: isThere() && Notification.permission !== 'denied',
    isOn,
    turn: async (on: boolean) => {
      const granted = on && (await Notification.requestPermission()) === 'granted';
      localStorage.setItem(KEY, granted ? 'on' : 'off');
      setOn(granted);
    },
  };
}

/** What is due later than this is told by the page when it is looked at again, ms. */
const LONGEST_MS = 24 * 60 * 60_000;

import { familiesPage, processPage } from '@idle-kettle/core';
import { calibrationReport } from '@idle-kettle/core/calibration';
import type { Answer } from './answer.ts';
import { learnCommand } from './learn.ts';
import { planCommand } from './plan.ts';
import { readCommand } from './read.ts';
import { dayCommand } from './day.ts';
import { remakeCommand, troubleCommand } from './trouble.ts';

const families = (): Promise<Answer> => Promise.resolve({ code: 0, out: familiesPage(), err: '' });
const processTable = (): Promise<Answer> =>
  Promise.resolve({ code: 0, out: processPage(), err: '' });

const calibrate = (): Promise<Answer> =>
  Promise.resolve({ code: 0, out: calibrationReport(), err: '' });

const COMMANDS = {
  plan: planCommand,
  read: readCommand,
  trouble: troubleCommand,
  remake: remakeCommand,
  day: dayCommand,
  learn: learnCommand,
  families,
  'process-table': processTable,
  calibrate,
};

const [name = '', file] = process.argv.slice(2);
const command = COMMANDS[name as keyof typeof COMMANDS];
const answer = await command(file);
process.stdout.write(answer.out);
process.stderr.write(answer.err);
process.exitCode = answer.code;

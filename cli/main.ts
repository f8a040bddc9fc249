import { planCommand } from './plan.ts';
import { readCommand } from './read.ts';

const COMMANDS = { plan: planCommand, read: readCommand };

const [name = '', file] = process.argv.slice(2);
const command = COMMANDS[name as keyof typeof COMMANDS];
const answer = await command(file);
process.stdout.write(answer.out);
process.stderr.write(answer.err);
process.exitCode = answer.code;

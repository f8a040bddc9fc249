import { planCommand } from './plan.ts';

const answer = await planCommand(process.argv[2]);
process.stdout.write(answer.out);
process.stderr.write(answer.err);
process.exitCode = answer.code;

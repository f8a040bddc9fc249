import { makeTemplate } from './kettleServer.ts';

export default makeTemplate;

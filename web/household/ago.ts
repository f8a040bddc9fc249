import { formatDistanceToNow } from 'date-fns';

/** How long ago something was, in words. */
export const ago = (at: string): string => formatDistanceToNow(new Date(at), { addSuffix: true });

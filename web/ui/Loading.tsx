import { say } from '@idle-kettle/words';
/** Said while something is being fetched. */
export const Loading = ({ what }: { what: string }) => (
  <p role="status" className="flex items-center gap-3 py-12 text-lg">
    <span className="loading loading-dots text-secondary" aria-hidden />
    {say('ui.loading', { what })}
  </p>
);

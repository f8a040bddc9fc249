import { say } from '@idle-kettle/words';

/** Why what was asked for was not done; nothing where it was. */
export const NotDone = ({ why }: { readonly why: string | null }) =>
  why === null ? null : (
    <p role="alert" className="text-error">
      {say('people.notDone', { why })}
    </p>
  );

import { say } from '@idle-kettle/words';
import { format } from 'date-fns';
import { useAudit } from '../api/who.ts';

/** Who signed in, deleted, changed roles and confirmed storage, the last first. */
export function AuditLog() {
  const audit = useAudit(true);
  return (
    <section aria-labelledby="audit-title" className="flex flex-col gap-2">
      <h2 id="audit-title" className="text-xl font-bold text-primary">
        {say('people.audit')}
      </h2>
      {audit.data?.length === 0 && <p>{say('people.noAudit')}</p>}
      <ol className="max-h-96 overflow-y-auto">
        {audit.data?.map(({ id, at, what, by, about }) => {
          const line = {
            when: format(new Date(at), 'PPp'),
            by: by ?? say('people.theMachine'),
            what: say(`people.did.${what}`),
          };
          return (
            <li key={id} className="border-b border-base-300 py-1">
              {about === null
                ? say('people.auditLine', line)
                : say('people.auditLineAbout', { ...line, about })}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

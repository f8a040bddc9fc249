import { say } from '@idle-kettle/words';
import { Link } from 'react-router';

/** How a probe or a scale of one’s own comes to send its readings to this cook. */
export const OwnProbe = () => (
  <p className="mt-3 text-base">
    {say('stove.anythingThatCanSendA')}{' '}
    <Link to="/household" className="link">
      {say('stove.yourOwnProbe')}
    </Link>
  </p>
);

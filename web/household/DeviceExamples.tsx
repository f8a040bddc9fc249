import { say } from '@idle-kettle/words';

/** How a device pairs and sends, from a command line: `here` is the address of this kitchen. */
const curl = (here: string): string => `# once: the six digits give a token
curl ${here}/api/devices/pair \\
  -H 'Content-Type: application/json' \\
  -d '{"code": "123456", "name": "Jam probe", "kind": "probe"}'

# then, every second or so: °C as it shows
curl ${here}/api/devices/readings \\
  -H 'Authorization: Bearer TOKEN' \\
  -H 'Content-Type: application/json' \\
  -d '{"readings": [{"value": 98.4}]}'`;

/** The same for a small board that runs Python: its thermometer is read by \`read_celsius\`. */
const board = (here: string): string => `import time, requests
from thermometer import read_celsius

KITCHEN = "${here}"
TOKEN = "the token that pairing gave"

while True:
    try:
        requests.post(KITCHEN + "/api/devices/readings",
                      json={"readings": [{"value": read_celsius()}]},
                      headers={"Authorization": "Bearer " + TOKEN}).close()
    except OSError:
        pass            # no network: the next reading says enough
    time.sleep(1)`;

/** How one’s own device is brought to send what it reads. */
export function DeviceExamples() {
  const here = location.origin;
  return (
    <div className="flex flex-col gap-2">
      {[
        [say('people.howCurl'), curl(here)],
        [say('people.howBoard'), board(here)],
      ].map(([title, code]) => (
        <details key={title} className="rounded-box bg-base-100 p-3">
          <summary className="cursor-pointer font-bold">{title}</summary>
          <pre className="mt-2 overflow-x-auto text-sm">{code}</pre>
        </details>
      ))}
    </div>
  );
}

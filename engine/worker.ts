/// <reference lib="webworker" />
import { loadPHPRuntime, PHP } from "@php-wasm/universal";
import { getPHPLoaderModule } from "@php-wasm/web-8-2";

/**
 * PHP in a worker: one script that runs on, is handed questions and hands back answers, both as text. It talks to the page by messages and
 * to nobody else. After a fault that ends PHP it is started anew; the page opens its houses again.
 */

interface Question {
  n: number;
  asked: string;
  /** Something told: what gives way is left for it. */
  told: boolean;
}

const scope = self as unknown as DedicatedWorkerGlobalScope;
const waiting: Question[] = [];
let wake: (() => void) | null = null;

scope.onmessage = (event: MessageEvent<Question | { core: string }>): void => {
  if ("core" in event.data) {
    void live(event.data.core);
    return;
  }
  waiting.push(event.data);
  wake?.();
};

async function live(core: string): Promise<void> {
  let files: Record<string, string>;
  try {
    files = (await (await fetch(core)).json()) as Record<string, string>;
  } catch (fault) {
    scope.postMessage({ failed: String(fault) });
    return;
  }
  for (;;) {
    try {
      await run(files);
      scope.postMessage({ ended: "PHP has ended" });
    } catch (fault) {
      scope.postMessage({ ended: String(fault) });
    }
  }
}

/** Lives as long as PHP does. */
async function run(files: Record<string, string>): Promise<void> {
  const runtime = await loadPHPRuntime(await getPHPLoaderModule(), {
    // PHP in here has no network: whoever would open a connection is told so.
    websocket: {
      decorator: () =>
        class {
          constructor() {
            throw new Error("There is no network in here.");
          }
        },
    },
  });
  const php = new PHP(runtime);
  const made = new Set<string>();
  for (const [name, code] of Object.entries(files)) {
    const folder = `/app/${name}`.replace(/\/[^/]+$/, "");
    if (!made.has(folder)) {
      php.mkdir(folder);
      made.add(folder);
    }
    php.writeFile(`/app/${name}`, code);
  }
  php.writeFile("/internal/shared/php.ini", ini(php.readFileAsText("/internal/shared/php.ini")));
  let open: Question | null = null;
  php.onMessage(async (said: string) => {
    if (said === "") {
      await messagesIn();
      return waiting.some((one) => one.told) ? "told" : "";
    }
    if (open === null) scope.postMessage({ ready: true });
    else scope.postMessage({ n: open.n, said });
    while (waiting.length === 0) {
      await new Promise<void>((woken) => {
        wake = woken;
      });
      wake = null;
    }
    open = waiting.shift() ?? null;
    return open?.asked ?? "{}";
  });
  await php.run({ scriptPath: "/app/worker.php" });
}

/** Until what was sent to this worker while PHP was busy has come in. */
const round = new MessageChannel();
function messagesIn(): Promise<void> {
  return new Promise((came) => {
    round.port1.onmessage = () => came();
    round.port2.postMessage(null);
  });
}

/** As PHP in here comes, without a way out of it, and with room for a large house. */
function ini(shipped: string): string {
  const ours = {
    allow_url_fopen: "Off",
    disable_functions: "exec,shell_exec,system,passthru,popen,proc_open,pcntl_exec,mail,fsockopen,pfsockopen,stream_socket_client",
    memory_limit: "512M",
    display_errors: "0",
    log_errors: "0",
    serialize_precision: "-1",
  };
  const kept = shipped.split("\n").filter((line) => !(line.split("=")[0]?.trim() in ours));
  return [...kept, ...Object.entries(ours).map(([key, value]) => `${key}=${value}`)].join("\n");
}

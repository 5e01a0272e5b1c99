import createClient, { type Middleware } from "openapi-fetch";
import type { components, paths } from "./schema";
import { onAnswered, toWriteId } from "./writeIds";

export type Schemas = components["schemas"];

/** What the server says when it refuses (RFC 9457), or that it could not be reached. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly confirmable = false,
    readonly problems: { file: string; row: number; field: string; message: string }[] = [],
    /** The text that could be taken instead, when one tap mends it. */
    readonly mend?: string,
    /** Somebody else's reading of the same dimension. */
    readonly theirs?: { id: number; text: string; by: string; at: string },
    /** Whether what was seen is no longer so and is to be looked at anew. */
    readonly isOutdated = false,
    /** Who is signed in, when it is not whom this page believes. */
    readonly signedInAs?: string,
  ) {
    super(message);
  }
}

const UNSAFE = new Set(["POST", "PUT", "DELETE", "PATCH"]);

export function toCsrfToken(): string {
  const cookie = document.cookie.split("; ").find((c) => c.startsWith("XSRF-TOKEN="));
  return cookie ? decodeURIComponent(cookie.slice("XSRF-TOKEN=".length)) : "";
}

const WRITE_ID = "Idempotency-Key";
const PERSON = "X-Itrova-Person";

const UNITS = "X-Itrova-Units";

let person = "";
let units = "";

/** Who this page believes is signed in: the server refuses a write that would be somebody else's. */
export function setPerson(login: string) {
  person = login;
}

/** The units this page shows: a bare number is meant in them, whatever another page of the same person shows. */
export function setPageUnits(shown: string) {
  units = shown;
}

function toWriteHeaders(method: string, url: string, body: string, id?: string): Record<string, string> {
  return {
    "X-XSRF-TOKEN": toCsrfToken(),
    [WRITE_ID]: id ?? toWriteId(method, url, body),
    ...(person ? { [PERSON]: encodeURIComponent(person) } : {}),
    ...(units ? { [UNITS]: units } : {}),
  };
}

const writes: Middleware = {
  async onRequest({ request }) {
    if (units) request.headers.set(UNITS, units);
    if (!UNSAFE.has(request.method)) return request;
    const { pathname, search } = new URL(request.url);
    const own = request.headers.get(WRITE_ID) ?? undefined;
    const headers = toWriteHeaders(request.method, pathname + search, await request.clone().text(), own);
    Object.entries(headers).forEach(([name, value]) => request.headers.set(name, value));
    return request;
  },
  onResponse({ request, response }) {
    const id = request.headers.get(WRITE_ID);
    if (id && response.status < 500) onAnswered(id);
    return response;
  },
};

let onSignedOut = () => {};

/** Called when the server no longer knows who is signed in. */
export function whenSignedOut(action: () => void) {
  onSignedOut = action;
}

async function toRefusal(response: Response): Promise<Refusal> {
  const body = await response.json().catch(() => ({}));
  if (response.status === 401) onSignedOut();
  const known: Record<number, string> = {
    401: "You are not signed in any more. Sign in again; nothing typed is lost until you leave this page.",
    403: "Your role may not do this. Ask the lead.",
  };
  return new Refusal(
    response.status,
    body.detail || known[response.status] || `The server answered ${response.status}. Try again.`,
    body.confirmable === true,
    body.problems ?? [],
    body.mend,
    body.theirs,
    body.now !== undefined,
    body.signedInAs,
  );
}

export const client = createClient<paths>({
  baseUrl: globalThis.location?.origin ?? "",
  fetch: async (request: Request) => {
    try {
      return await globalThis.fetch(request);
    } catch {
      throw new Refusal(0, "The server cannot be reached. What you typed is kept here; try again.");
    }
  },
});
client.use(writes);

/** The data of an answer, or its refusal thrown. */
export async function toData<T>(answer: Promise<{ data?: T; response: Response }>): Promise<T> {
  const { data, response } = await answer;
  if (!response.ok) {
    throw refusals.get(response) ?? (await toRefusal(response));
  }
  return data as T;
}

// The client library reads an error's body before we can: keep what it said beside the response.
const refusals = new WeakMap<Response, Refusal>();
client.use({
  async onResponse({ response }) {
    if (!response.ok) refusals.set(response, await toRefusal(response.clone()));
    return response;
  },
});

/** Sends a document as it is; its type follows from its name. */
export async function sendDocument<T>(path: string, file: File): Promise<T> {
  const type = file.name.toLowerCase().endsWith(".csv") ? "text/csv" : "application/json";
  return sendBody(`${path}?file=${encodeURIComponent(file.name)}`, type, await file.text());
}

/** Sends a body of any type. */
export async function sendBody<T>(path: string, type: string, body: string | Blob): Promise<T> {
  const told = typeof body === "string" ? body : `${type} of ${body.size} bytes`;
  const headers = toWriteHeaders("POST", path, told);
  const response = await globalThis
    .fetch(path, { method: "POST", headers: { "Content-Type": type, ...headers }, body })
    .catch(() => {
      throw new Refusal(0, "The server cannot be reached. Nothing was sent; try again.");
    });
  if (response.status < 500) onAnswered(headers[WRITE_ID] ?? "");
  if (!response.ok) throw await toRefusal(response);
  return response.json();
}

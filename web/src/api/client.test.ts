import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Refusal, client, sendDocument, toCsrfToken, toData, whenSignedOut } from "./client";

const asked = vi.fn<(request: Request) => Promise<Response>>();

function answer(status: number, body: unknown) {
  return new Response(JSON.stringify(body), {
    status,
    headers: { "Content-Type": "application/json" },
  });
}

beforeEach(() => {
  vi.stubGlobal("document", { cookie: "a=b; XSRF-TOKEN=to%20ken; c=d" });
  vi.stubGlobal("fetch", (input: Request | string, init?: RequestInit) =>
    asked(input instanceof Request ? input : new Request(`http://localhost${input}`, init)),
  );
});

afterEach(() => {
  vi.unstubAllGlobals();
  asked.mockReset();
});

/** The client was made before there was an address; tests give it a whole one. */
const at = { baseUrl: "http://localhost" };

describe("the client", () => {
  it("finds its token among the cookies, and none where there is none", () => {
    expect(toCsrfToken()).toBe("to ken");
    vi.stubGlobal("document", { cookie: "" });
    expect(toCsrfToken()).toBe("");
  });

  it("sends the token with what changes something, and not with what only looks", async () => {
    asked.mockImplementation(async () => answer(200, { total: 0, kits: [] }));
    await client.GET("/api/kits", at);
    expect(asked.mock.calls[0]?.[0].headers.get("X-XSRF-TOKEN")).toBeNull();
    await client.PUT("/api/axles/{axleId}/liked/{code}", {
      ...at,
      params: { path: { axleId: 1, code: "QF-101" } },
    });
    expect(asked.mock.calls[1]?.[0].headers.get("X-XSRF-TOKEN")).toBe("to ken");
  });

  it("gives the data of an answer", async () => {
    asked.mockImplementation(async () => answer(200, { total: 3, kits: [] }));
    await expect(toData(client.GET("/api/kits", at))).resolves.toEqual({ total: 3, kits: [] });
  });

  it("throws what the server said when it refuses", async () => {
    asked.mockImplementation(async () =>
      answer(422, {
        title: "Bad input",
        detail: "left, travel down: “far” is no length.",
        confirmable: true,
      }),
    );
    const refusal = await toData(client.GET("/api/kits", at)).catch((e: unknown) => e);
    expect(refusal).toBeInstanceOf(Refusal);
    expect(refusal).toMatchObject({
      status: 422,
      message: "left, travel down: “far” is no length.",
      confirmable: true,
    });
  });

  it("says what to do when the server says nothing", async () => {
    asked.mockImplementation(async () => new Response("", { status: 403 }));
    await expect(toData(client.GET("/api/kits", at))).rejects.toThrow("Ask the lead");
    asked.mockImplementation(async () => new Response("<html>", { status: 502 }));
    await expect(toData(client.GET("/api/kits", at))).rejects.toThrow("The server answered 502");
  });

  it("tells when somebody is not signed in any more", async () => {
    const out = vi.fn();
    whenSignedOut(out);
    asked.mockImplementation(async () => answer(401, {}));
    await expect(toData(client.GET("/api/kits", at))).rejects.toThrow("Sign in again");
    expect(out).toHaveBeenCalled();
    whenSignedOut(() => {});
  });

  it("says that nothing is lost when the server cannot be reached", async () => {
    asked.mockRejectedValue(new TypeError("Failed to fetch"));
    await expect(toData(client.GET("/api/kits", at))).rejects.toThrow("What you typed is kept here");
  });
});

describe("a document", () => {
  it("is sent as it is, its type by its name", async () => {
    asked.mockImplementation(async () => answer(200, { taken: 2 }));
    const sent = await sendDocument<{ taken: number }>(
      "/api/families/import",
      new File(["a,b"], "my list.CSV"),
    );
    expect(sent.taken).toBe(2);
    const request = asked.mock.calls[0]?.[0];
    expect(request?.url).toBe("http://localhost/api/families/import?file=my%20list.CSV");
    expect(request?.headers.get("Content-Type")).toBe("text/csv");
    expect(await request?.text()).toBe("a,b");
  });

  it("that is refused brings its faults row by row", async () => {
    const problems = [{ file: "kits.json", row: 3, field: "price", message: "It is “612”." }];
    asked.mockImplementation(async () => answer(422, { detail: "1 fault, nothing was imported", problems }));
    const refusal = await sendDocument("/api/kits/import", new File(["{}"], "kits.json")).catch(
      (e: unknown) => e,
    );
    expect(refusal).toMatchObject({ status: 422, problems });
  });

  it("that cannot be sent says so", async () => {
    asked.mockRejectedValue(new TypeError("Failed to fetch"));
    await expect(sendDocument("/api/kits/import", new File(["{}"], "kits.json"))).rejects.toThrow(
      "Nothing was sent",
    );
  });
});

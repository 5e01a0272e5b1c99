import { beforeEach, describe, expect, it, vi } from "vitest";
import { onAnswered, toWriteId } from "./writeIds";

const store = new Map<string, string>();

beforeEach(() => {
  store.clear();
  vi.stubGlobal("sessionStorage", {
    getItem: (key: string) => store.get(key) ?? null,
    setItem: (key: string, value: string) => store.set(key, value),
  });
});

describe("the id of a write", () => {
  it("stays while its answer is awaited, over a reload too", () => {
    const id = toWriteId("POST", "/api/jobs", '{"title":"van"}');
    expect(toWriteId("POST", "/api/jobs", '{"title":"van"}')).toBe(id);
    expect([...store.values()].join()).toContain(id);
  });

  it("is another for another request", () => {
    const id = toWriteId("POST", "/api/jobs", '{"title":"van"}');
    expect(toWriteId("POST", "/api/jobs", '{"title":"coupe"}')).not.toBe(id);
    expect(toWriteId("PUT", "/api/jobs", '{"title":"van"}')).not.toBe(id);
    const long = "x".repeat(5000);
    expect(toWriteId("POST", "/a", `${long}1`)).not.toBe(toWriteId("POST", "/a", `${long}2`));
  });

  it("is a new one once the write was answered", () => {
    const id = toWriteId("POST", "/api/jobs", "{}");
    onAnswered(id);
    expect(toWriteId("POST", "/api/jobs", "{}")).not.toBe(id);
  });

  it("is given although nothing can be stored", () => {
    vi.stubGlobal("sessionStorage", {
      getItem: () => "not json",
      setItem: () => {
        throw new Error("full");
      },
    });
    expect(toWriteId("POST", "/api/jobs", "{}")).toMatch(/^[0-9a-f-]{36}$/);
  });
});

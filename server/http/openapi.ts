import { extendZodWithOpenApi, OpenAPIRegistry, OpenApiGeneratorV31 } from "@asteasolutions/zod-to-openapi";
import { z } from "zod";
import * as contract from "@gentian/core/contract";

extendZodWithOpenApi(z);

let made: unknown = null;

/** The public interface as an OpenAPI 3.1 document, from the schemas that requests are read by. */
export function openApi(): unknown {
  made ??= make();
  return made;
}

function make(): unknown {
  const registry = new OpenAPIRegistry();
  const token = registry.registerComponent("securitySchemes", "token", { type: "http", scheme: "bearer" });
  const json = (schema: z.ZodType, description: string) => ({ description, content: { "application/json": { schema } } });
  const wrong = (description: string) => ({ description, content: { "application/problem+json": { schema: contract.problem } } });
  const id = z.object({ id: z.string() });
  const line = z.object({ line: z.string() });
  const secured = [{ [token.name]: [] }];
  registry.registerPath({
    method: "get",
    path: "/lines/{line}",
    summary: "A line: the house's public name, languages, whether it is open now",
    request: { params: line },
    responses: { 200: json(contract.lineInfo, "The line"), 404: wrong("No such line") },
  });
  registry.registerPath({
    method: "post",
    path: "/lines/{line}/conversations",
    summary: "Begin a conversation",
    request: { params: line, body: { content: { "application/json": { schema: contract.startRequest } } } },
    responses: {
      201: json(contract.started, "The conversation, its token, and the greeting"),
      404: wrong("No such line"),
      409: wrong("The line is off"),
      429: wrong("Too many at once"),
    },
  });
  registry.registerPath({
    method: "post",
    path: "/conversations/{id}/messages",
    summary: "Say something",
    security: secured,
    request: { params: id, body: { content: { "application/json": { schema: contract.messageRequest } } } },
    responses: {
      200: json(contract.answered, "Replies and the state"),
      400: wrong("What is wrong and where"),
      401: wrong("Wrong token"),
      404: wrong("No such conversation"),
      409: wrong("The conversation is closed"),
      413: wrong("Too large"),
      429: wrong("Too many at once"),
    },
  });
  registry.registerPath({
    method: "post",
    path: "/conversations/{id}/events",
    summary: "Silence, a hang-up, an interruption, a key",
    security: secured,
    request: { params: id, body: { content: { "application/json": { schema: contract.eventRequest } } } },
    responses: { 200: json(contract.answered, "Replies and the state"), 409: wrong("The conversation is closed") },
  });
  registry.registerPath({
    method: "get",
    path: "/conversations/{id}",
    summary: "All that was said, and the state",
    security: secured,
    request: { params: id },
    responses: { 200: json(contract.whole, "The conversation"), 401: wrong("Wrong token"), 404: wrong("No such conversation") },
  });
  registry.registerPath({
    method: "get",
    path: "/conversations/{id}/stream",
    summary: "Server-sent events: reply, typing, state",
    security: secured,
    request: { params: id },
    responses: { 200: { description: "A stream", content: { "text/event-stream": { schema: z.string() } } } },
  });
  registry.registerPath({
    method: "get",
    path: "/calendars/{key}.ics",
    summary: "A feed of appointments",
    request: { params: z.object({ key: z.string() }) },
    responses: { 200: { description: "iCalendar", content: { "text/calendar": { schema: z.string() } } }, 404: wrong("No such calendar") },
  });
  return new OpenApiGeneratorV31(registry.definitions).generateDocument({
    openapi: "3.1.0",
    info: { title: "Gentian: conversations", version: "1", description: "Talk to a house's receptionist." },
    servers: [{ url: "/api/v1" }],
  });
}

import { Type } from "@sinclair/typebox";
import { anyone } from "./callers";
import { Done, endpoint } from "./endpoint";
import { closed } from "./schemas/closed";
import { FactorCode } from "./schemas/second-factor";

export const signIn = endpoint({
  name: "sign-in",
  method: "POST",
  path: "/api/sign-in",
  about: "Opens a session for somebody of the base.",
  who: [anyone],
  body: Type.Object(
    {
      email: Type.String({ minLength: 3, maxLength: 200 }),
      password: Type.String({ minLength: 1, maxLength: 200 }),
      /** of the phone, or a recovery code, where the person has a second factor */
      code: Type.Optional(FactorCode),
    },
    closed,
  ),
  maxBytes: 2000,
  answer: Done,
  errors: ["wrong-sign-in", "code-needed", "wrong-code", "too-many-tries"],
});

export const signOut = endpoint({
  name: "sign-out",
  method: "POST",
  path: "/api/sign-out",
  about: "Ends the session of who is signed in here, if anybody is.",
  who: [anyone],
  answer: Done,
});

export const openBook = endpoint({
  name: "open-book",
  method: "POST",
  path: "/api/book/open",
  about: "Opens a charter's boat book by its link and PIN.",
  who: [anyone],
  body: Type.Object(
    { secret: Type.String({ pattern: "^[\\w-]{20,80}$" }), pin: Type.String({ pattern: "^\\d{4,8}$" }) },
    closed,
  ),
  maxBytes: 1000,
  answer: Done,
  errors: ["link-closed", "link-locked", "wrong-pin"],
});

export const closeBook = endpoint({
  name: "close-book",
  method: "POST",
  path: "/api/book/close",
  about: "Ends the boat book's session on this browser, if there is one.",
  who: [anyone],
  answer: Done,
});

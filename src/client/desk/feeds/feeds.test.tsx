/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import type { FeedsView } from "@/api/schemas/feeds";
import { id } from "@/testing/records";
import { drawDesk, wire } from "@/testing/screen";
import { FeedsPage } from "./FeedsPage";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));
afterEach(cleanup);

const view: FeedsView = {
  timeZone: "Atlantic/Azores",
  yachts: [
    { slug: "pale-heron", name: "Pale Heron" },
    { slug: "quillback", name: "Quillback" },
  ],
  feeds: [
    {
      id: id(1),
      kind: "base",
      yacht: null,
      withNames: true,
      by: "Odile Varn",
      at: "2027-06-12T10:12:00Z",
      readAt: null,
    },
    {
      id: id(2),
      kind: "yacht",
      yacht: "Quillback",
      withNames: false,
      by: "Odile Varn",
      at: "2027-06-12T10:12:00Z",
      readAt: "2027-06-12T11:12:00Z",
    },
  ],
  foreign: [
    {
      id: id(3),
      name: "Agency",
      host: "agency.example",
      yacht: "Pale Heron",
      by: "Odile Varn",
      readAt: null,
      fault: "feed-slow",
      promised: 0,
    },
  ],
};

it("shows who reads what, and what keeps a calendar of others from being read", () => {
  drawDesk(<FeedsPage view={view} />, ["office"]);
  expect(screen.getByText("All yachts, with names")).toBeInTheDocument();
  expect(screen.getByText("never read, made by Odile Varn")).toBeInTheDocument();
  expect(screen.getByText("Quillback, without names")).toBeInTheDocument();
  expect(screen.getByText(/last read 12 Jun 2027, 11:12, made by Odile Varn/)).toBeInTheDocument();
  expect(screen.getByText("agency.example, not read yet, nothing promised from now on")).toBeInTheDocument();
  expect(screen.getByText(/took longer than ten seconds/)).toBeInTheDocument();
});

it("makes an address of one yacht and shows it this once", async () => {
  const base = wire();
  base.answer(201, { id: id(4), path: "/api/feeds/sesame-sesame-sesame-1/calendar.ics" });
  const user = drawDesk(<FeedsPage view={{ ...view, feeds: [], foreign: [] }} />, ["office"]);
  await user.selectOptions(screen.getByLabelText("Of what"), "Quillback");
  await user.click(screen.getByRole("button", { name: "Make an address" }));
  expect(await screen.findByText(/\/api\/feeds\/sesame-sesame-sesame-1\/calendar\.ics/)).toBeInTheDocument();
  expect(base.asked[0]?.body).toEqual({ kind: "yacht", yacht: "quillback", withNames: false });
});

it("ends an address by one tap", async () => {
  const base = wire();
  base.answer(200, {});
  const user = drawDesk(<FeedsPage view={view} />, ["office"]);
  const row = screen.getByText("Quillback, without names").closest("li") as HTMLElement;
  await user.click(within(row).getByRole("button", { name: "End it" }));
  await waitFor(() => expect(base.asked[0]).toMatchObject({ method: "DELETE", path: `/api/base/feeds/${id(2)}` }));
});

it("subscribes, and reads it at once", async () => {
  const base = wire();
  base.answer(201, { id: id(5) });
  const user = drawDesk(<FeedsPage view={view} />, ["office"]);
  await user.type(screen.getByLabelText("Whose calendar it is"), "Owner");
  await user.type(screen.getByLabelText("Its address"), "webcal://owner.example/x");
  await user.click(screen.getByRole("button", { name: "Subscribe" }));
  await waitFor(() =>
    expect(base.asked.map(({ path }) => path)).toEqual([
      "/api/base/foreign-feeds",
      `/api/base/foreign-feeds/${id(5)}/read`,
    ]),
  );
  expect(base.asked[0]?.body).toEqual({ yacht: "pale-heron", name: "Owner", address: "webcal://owner.example/x" });
});

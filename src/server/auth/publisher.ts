import "server-only";
import { Refusal } from "../http/refusal";
import { requireStaff, type StaffSession } from "./session";

/** Whether somebody may publish yacht files. */
export const mayPublish = ({ roles }: Pick<StaffSession, "roles">) =>
  roles.some((role) => role === "manager" || role === "technician");

/** Who is signed in, if that person may publish yacht files; refuses others. */
export async function requirePublisher(): Promise<StaffSession> {
  const staff = await requireStaff();
  if (!mayPublish(staff))
    throw new Refusal(403, "not-yours", "Yacht files are published by the base manager or a technician.");
  return staff;
}

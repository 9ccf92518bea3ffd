import { redirect } from "next/navigation";
import { staffSession } from "@/server/auth/session";

export default async function Home() {
  redirect((await staffSession()) ? "/today" : "/sign-in");
}

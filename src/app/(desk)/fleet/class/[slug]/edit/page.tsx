import type { Metadata } from "next";
import { EditFile } from "../../../edit-file";

export const metadata: Metadata = { title: "Class file" };

interface Props {
  params: Promise<{ slug: string }>;
  searchParams: Promise<{ view?: string }>;
}

export default async function EditClassRoute({ params, searchParams }: Props) {
  return <EditFile of="classes" slug={(await params).slug} view={(await searchParams).view} />;
}

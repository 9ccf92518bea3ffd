import type { Metadata } from "next";
import { EditFile } from "../../edit-file";

export const metadata: Metadata = { title: "Yacht file" };

interface Props {
  params: Promise<{ slug: string }>;
  searchParams: Promise<{ view?: string }>;
}

export default async function EditRoute({ params, searchParams }: Props) {
  return <EditFile of="yachts" slug={(await params).slug} view={(await searchParams).view} />;
}

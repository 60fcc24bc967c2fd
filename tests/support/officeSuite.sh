#!/bin/sh
# Stands for an office suite in tests of routes: a page for whatever is not called broken, as its command line has it.
folder=.
while [ $# -gt 1 ]; do
  [ "$1" = --outdir ] && folder=$2
  shift
done
grep -q 'not to be opened' "$1" && exit 1
printf '%%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj\n' > "$folder/document.pdf"
printf '3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 200 200]>>endobj\ntrailer<</Root 1 0 R>>\n%%%%EOF\n' >> "$folder/document.pdf"

"""What Python's own parser says is in a message: the truth for the benchmark of real documents."""

import email
import email.policy
import sys
from html.parser import HTMLParser


class Page(HTMLParser):
    def __init__(self):
        super().__init__()
        self.words, self.hidden = [], 0

    def handle_starttag(self, tag, attrs):
        self.hidden += tag in ("script", "style")

    def handle_endtag(self, tag):
        self.hidden -= tag in ("script", "style")

    def handle_data(self, data):
        if self.hidden <= 0:
            self.words.append(data)


def shown(part):
    if part.get_content_disposition() == "attachment":
        return ""
    if part.get_content_type() == "text/plain":
        return part.get_content()
    if part.get_content_type() != "text/html":
        return ""
    page = Page()
    page.feed(part.get_content())
    return " ".join(page.words)


with open(sys.argv[1], "rb") as file:
    message = email.message_from_binary_file(file, policy=email.policy.default)
texts = [str(message[name] or "") for name in ("subject", "from", "to", "cc")]
for part in message.walk():
    texts += [part.get_filename() or "", "" if part.is_multipart() else shown(part)]
sys.stdout.reconfigure(errors="replace")
print("\n".join(texts))

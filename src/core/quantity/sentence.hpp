// Sentences that stand beside a rule or a check, for the tool that collects what is translated. Their context
// is "Rules"; wording translates them.
#pragma once

#ifndef QT_TRANSLATE_NOOP // Qt has the same
#define QT_TRANSLATE_NOOP(context, text) text
#endif

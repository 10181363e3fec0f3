// One and many, in the language the sources are written in.
#pragma once

namespace bollard::wording {

/// Sentences that count something say "1 hole" and "2 holes" from now on. Once, when the application is
/// there.
void usePlurals();

} // namespace bollard::wording

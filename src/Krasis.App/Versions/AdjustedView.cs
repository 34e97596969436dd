using Krasis.Core.Builds;
using Krasis.Core.Changing.Moving;

namespace Krasis.App.Versions;

/// <summary>A standard that the bar has moved, beside what it was, and written so that it pours what it
/// poured.</summary>
/// <param name="Number">Which standard it is, from 1.</param>
/// <param name="Pours">As it was published, as the bar pours it now, and adjusted; null when it does not stand as it
/// was published, or has not moved.</param>
/// <param name="Document">The build with its amounts said anew; null when nothing would bring it nearer. Nothing is
/// kept of it.</param>
public sealed record AdjustedView(long Number, Pours? Pours, BuildDocument? Document);

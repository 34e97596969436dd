using Krasis.Core.Builds;

namespace Krasis.Core.Changing.EverySize;

/// <summary>A build with one thing changed in every size, before its sheet is worked out.</summary>
/// <param name="Build">The build.</param>
/// <param name="Said">Sentences for the person who asked.</param>
internal sealed record ChangedBuild(BuildDocument Build, IReadOnlyList<string> Said);

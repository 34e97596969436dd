using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Shows how the house prepares, and what it could make and buy.</summary>
public sealed class ReadPrepSettings(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PrepSettingsView> Run() => file.Read(session => PrepSettingsViews.View(session, standards, clock));
}
